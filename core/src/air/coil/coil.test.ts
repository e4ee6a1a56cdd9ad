import fc from 'fast-check';
import { moistAir, ofHumidityRatio, sensibleFactor, densityOf, barometricPsia, velocityFpm } from '../moistAir';
import { airSideCapacity, flowFromDrop, predictCoil } from './coilModel';
import { freezingRisk } from './freezing';

const at = (dryBulbF: number, wetBulbF: number) => moistAir(dryBulbF, { wetBulbF });

describe('worked example C', () => {
  test.each([
    [75, 62.5, [24.5, 22.5, 20.9, 19.7]],
    [80, 67, [24.8, 22.8, 21.2, 20.0]],
  ])('drop from %p/%p at 300, 350, 400, 450 CFM per ton', (edb, ewb, drops) => {
    const load = { tons: 3, entering: at(edb, ewb), outdoorF: 95 };
    [300, 350, 400, 450].forEach((perTon, i) =>
      expect(Math.abs(predictCoil(load, 3 * perTon).dropF - drops[i]!)).toBeLessThan(0.06),
    );
  });

  test('enthalpies, and the capacity of 1,000 CFM', () => {
    expect(Math.abs(at(80, 67).enthalpyBtuLb / 31.5 - 1)).toBeLessThan(0.005);
    expect(Math.abs(at(75, 62.5).enthalpyBtuLb / 28.1 - 1)).toBeLessThan(0.005);
    const { totalBtuH } = airSideCapacity(1000, at(75, 62.5), at(55, 54));
    expect(Math.abs(totalBtuH / 24_820 - 1)).toBeLessThan(0.005);
  });
});

describe('moist air', () => {
  // The library's own published cases (14.175 psia is the standard atmosphere at 1,000 ft).
  test('against published states', () => {
    expect(moistAir(86, { wetBulbF: 77 }, 1000).humidityRatio).toBeCloseTo(0.0187193288418892, 5);
    const humid = ofHumidityRatio(86, 0.02, 1000);
    expect(Math.abs(humid.enthalpyBtuLb / 42.6168 - 1)).toBeLessThan(0.0003);
    expect(humid.densityLbFt3).toBeCloseTo(1.02 / 14.7205749002918, 4);
    expect(moistAir(77, { relativeHumidity: 1 }).dewPointF).toBeCloseTo(77, 2);
    expect(barometricPsia(0)).toBeCloseTo(14.696, 3);
    expect(barometricPsia(5000)).toBeCloseTo(12.228, 2);
  });

  test('altitude and moisture change the factor of sensible heat', () => {
    expect(sensibleFactor({})).toBeCloseTo(1.08, 5);
    expect(sensibleFactor({ altitudeFt: 5000 })).toBeCloseTo(0.9, 2);
    expect(densityOf({ altitudeFt: 5000 }) / densityOf({})).toBeCloseTo(0.832, 3);
    expect(densityOf({ air: at(70, 50) })).toBeCloseTo(0.0748, 3);
    expect(velocityFpm(0.01, 0.075)).toBeCloseTo(400.5, 0);
  });

  test('impossible moisture is refused', () => {
    expect(() => at(70, 71)).toThrow('wet bulb cannot be above');
    expect(() => at(110, 40)).toThrow('too far below');
  });
});

describe('coil model', () => {
  const load = fc.record({
    tons: fc.double({ min: 1.5, max: 20, noNaN: true }),
    entering: fc
      .tuple(fc.double({ min: 66, max: 86, noNaN: true }), fc.double({ min: 0.25, max: 0.75, noNaN: true }))
      .map(([dryBulbF, relativeHumidity]) => moistAir(dryBulbF, { relativeHumidity })),
    outdoorF: fc.double({ min: 65, max: 115, noNaN: true }),
  });

  test('slower air drops further, and the drop leads back to the airflow', () => {
    fc.assert(
      fc.property(load, fc.double({ min: 200, max: 600, noNaN: true }), (l, perTon) => {
        const { dropF, sensibleBtuH, capacityBtuH } = predictCoil(l, perTon * l.tons);
        expect(predictCoil(l, (perTon + 20) * l.tons).dropF).toBeLessThan(dropF);
        expect(sensibleBtuH).toBeLessThanOrEqual(capacityBtuH + 1e-6);
        expect(flowFromDrop(l, dropF)! / (perTon * l.tons)).toBeCloseTo(1, 3);
      }),
      { numRuns: 60 },
    );
  });

  test('a drop no airflow gives has no answer', () => {
    expect(flowFromDrop({ tons: 3, entering: at(80, 67), outdoorF: 95 }, 60)).toBeUndefined();
    expect(flowFromDrop({ tons: 3, entering: at(80, 67), outdoorF: 95 }, 2)).toBeUndefined();
  });

  test('very dry air: a dry coil gives all of its capacity as sensible heat', () => {
    const dry = predictCoil({ tons: 3, entering: moistAir(85, { relativeHumidity: 0.08 }), outdoorF: 95 }, 1500);
    expect(dry.wet).toBe(false);
    expect(dry.sensibleBtuH).toBe(dry.capacityBtuH);
  });

  test('freezing: measured goes before estimated', () => {
    const coil = (apparatusF: number) => ({ apparatusF, capacityShare: 0.9 });
    // It boils 10.5 °F under the apparatus dew point for each nominal ton it makes.
    expect(freezingRisk(75, undefined, coil(40))).toMatchObject({
      word: 'ice',
      evaporatingF: expect.closeTo(40 - 9.45, 9),
    });
    expect(freezingRisk(75, undefined, coil(49.3))?.word).toBe('near');
    expect(freezingRisk(75, undefined, coil(49.5))?.word).toBe('low');
    expect(freezingRisk(75, 41, coil(35))?.word).toBe('low');
    expect(freezingRisk(75, 40)?.word).toBe('near');
    expect(freezingRisk(70, 34)?.word).toBe('near');
    expect(freezingRisk(70)).toBeUndefined();
  });
});
