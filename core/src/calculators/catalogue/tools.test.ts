import fc from 'fast-check';
import { solveTool, toolFigure, toolText, type RawInputs, type Tool, type ToolField } from '../../base/forms';
import { traversePoints } from '../airflow';
import { benchTool, TOOLS } from '../../entries/calculators';

const answer = (id: string, inputs: RawInputs) => {
  const outcome = solveTool(benchTool(id)!, inputs);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.errors));
  return outcome;
};
const value = (id: string, inputs: RawInputs) => answer(id, inputs).headline.value;
const line = (id: string, inputs: RawInputs, label: string) =>
  answer(id, inputs).lines.find((l) => l.label === label)!.value;
const faults = (id: string, inputs: RawInputs) => {
  const outcome = solveTool(benchTool(id)!, inputs);
  return outcome.ok ? [] : outcome.errors.map((e) => `${e.field}: ${e.message}`);
};

describe('worked examples', () => {
  const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };
  test('B: electric heat', () => {
    expect(value('electricHeat', heat)).toBeCloseTo(983.4, 1);
    expect(value('electricHeat', { ...heat, phase: 'three' })).toBeCloseTo(983.4 * Math.sqrt(3), 0);
    expect(value('electricHeat', { ...heat, altitudeFt: 5000 }) / 983.4).toBeCloseTo(1.08 / 0.8986, 2);
    expect(value('electricHeat', { ...heat, blowerWatts: 400 })).toBeGreaterThan(983.4);
  });

  test('B: pitot, velocities are averaged and not pressures', () => {
    expect(value('pitot', { pressures: [0.01] })).toBeCloseTo(400.5, 1);
    expect(value('pitot', { pressures: [0.01, 0.04] })).toBeCloseTo(600.7, 1);
    expect(line('pitot', { pressures: [0.01, 0.04] }, 'averaging pressures (wrong)')).toBeGreaterThan(620);
  });

  test('gas heat, flow plate, flashes, traverse, outlets', () => {
    expect(value('gasHeat', { cuFt: 1, seconds: 36, returnF: 70, supplyF: 130 })).toBeCloseTo(1271.6, 1);
    expect(value('flowPlate', { plateCfm: 1000, normalInWc: 0.25, plateInWc: 0.2 })).toBeCloseTo(1118, 0);
    // The flash count shows the cut request already; the switch table does not.
    expect(value('requestedFlow', { flashes: 12, dehumidify: 'noSensor' })).toBe(1200);
    expect(value('requestedFlow', { by: 'table', tableCfm: 1200, dehumidify: 'noSensor' })).toBe(1020);
    const readings = Array.from({ length: 25 }, () => 800);
    expect(value('traverse', { widthIn: 20, heightIn: 10, readings })).toBeCloseTo(1111.1, 1);
    const outlets = answer('registers', { values: [120, 95, 110, 40], temperaturesF: [56, 55, 64, 56] });
    expect(outlets.headline.value).toBe(365);
    expect(outlets.notes[0]).toContain('outlet 4');
    expect(outlets.notes[1]).toContain('3 (64.0 °F)');
  });

  test('at altitude: a metered foot of gas holds less, a hot wire shows standard air, a vane the air itself', () => {
    const gas = { cuFt: 1, seconds: 36, returnF: 70, supplyF: 130 };
    // Gas and air thin alike: the airflow stays.
    expect(value('gasHeat', { ...gas, altitudeFt: 5000 })).toBeCloseTo(value('gasHeat', gas), 0);
    expect(line('gasHeat', { ...gas, altitudeFt: 5000 }, 'metered heating value')).toBeCloseTo(857, 0);
    const readings = Array.from({ length: 25 }, () => 800);
    const duct = { widthIn: 20, heightIn: 10, readings, altitudeFt: 5000 };
    expect(value('traverse', { ...duct, instrument: 'velocity' })).toBeCloseTo(1111.1, 1);
    expect(value('traverse', { ...duct, instrument: 'hotWire' })).toBeCloseTo(1111.1 / 0.832, -1);
    expect(value('traverse', { ...duct, instrument: 'hotWire', altitudeFt: 0 })).toBeCloseTo(1111.1, 1);
  });

  test('electric heat of a heat pump is taken with the compressor off', () => {
    expect(faults('electricHeat', { ...heat, compressor: 'on' })).toEqual([
      'compressor: With the compressor on, its heat is not in these amps. Switch to emergency heat and measure again.',
    ]);
  });

  test('D: sheaves, belt, fan laws, tension', () => {
    const sheave = {
      motorRpm: 1745,
      kind: 'adjustable',
      leastPitchIn: 2.8,
      mostPitchIn: 3.8,
      turns: 5,
      turnsOpen: 2.5,
      blowerPitchIn: 7,
    };
    expect(value('sheaves', sheave)).toBeCloseTo(822.6, 1);
    const wanted = { ...sheave, wantedRpm: 921.4, measuredRpm: 790 };
    expect(line('sheaves', wanted, 'pitch diameter wanted')).toBeCloseTo(3.696, 3);
    expect(line('sheaves', wanted, 'turns open')).toBe(0.5);
    expect(line('sheaves', wanted, 'slip')).toBeCloseTo(4, 0);
    expect(answer('sheaves', wanted).notes[0]).toContain('Over 3 % slip');
    expect(answer('sheaves', { ...sheave, wantedRpm: 1200 }).notes.join()).toContain('698 to 947 RPM');
    expect(value('sheaves', { motorRpm: 1750, kind: 'fixed', pitchIn: 4, blowerPitchIn: 7 })).toBeCloseTo(1000, 6);
    const pair = { onePitchIn: 3.3, otherPitchIn: 7 };
    const belt = answer('beltLength', { by: 'centres', ...pair, centresIn: 16.5, section: 'A' });
    expect(belt.headline.value).toBeCloseTo(49.39, 2);
    expect(belt.lines[0]!.label).toContain('A48');
    expect(value('beltLength', { by: 'belt', ...pair, mark: 'A48' })).toBeCloseTo(16.46, 2);
    expect(value('beltTension', { ...pair, centresIn: 16.46 })).toBeCloseTo(0.256, 3);
    expect(line('fanLaws', { rpmNow: 822.6, rpmThen: 921.4 }, 'power and amps ×')).toBeCloseTo(1.405, 3);
    expect(value('fanLaws', { rpmNow: 800, rpmThen: 900, flowCfm: 2400 })).toBeCloseTo(2700, 6);
  });

  test('E: imbalance, overload, capacitor, motor load', () => {
    expect(value('phaseImbalance', { of: 'volts', one: 226, two: 229, three: 233 })).toBeCloseTo(1.6, 2);
    expect(value('phaseImbalance', { of: 'amps', one: 8.4, two: 8.9, three: 9.3 })).toBeCloseTo(5.26, 2);
    expect(answer('phaseImbalance', { of: 'volts', one: 210, two: 230, three: 240 }).notes[0]).toContain(
      'stop the motor',
    );
    expect(value('overload', { plateAmps: 9.6, serviceFactor: 1.15 })).toBeCloseTo(12, 6);
    expect(value('overload', { plateAmps: 9.6, serviceFactor: 1 })).toBeCloseTo(11.04, 6);
    const low = { plateAmps: 9.6, dialAmps: 9, plateVolts: 230, lineVolts: 208 };
    expect(answer('overload', low).notes.join(' ')).toMatch(/dial was set wrong.*Report low voltage/);
    expect(value('runCapacitor', { amps: 4.2, volts: 370 })).toBeCloseTo(30.1, 1);
    expect(answer('runCapacitor', { amps: 3, volts: 370, ratedMicrofarads: 30 }).notes[0]).toContain('Weak');
    const load = {
      phases: 'three',
      volts: 229,
      amps: 4.6,
      plateAmps: 6.8,
      serviceFactor: 1.15,
      rpmNow: 822.6,
      rpmThen: 921.4,
    };
    expect(line('motorLoad', load, 'amps then')).toBeCloseTo(6.46, 2);
    expect(line('motorLoad', load, 'of max amps')).toBeCloseTo(58.8, 1);
    expect(answer('motorLoad', { ...load, amps: 8 }).notes.join(' ')).toContain('Do not raise the speed');
    expect(answer('motorLoad', load).notes[0]).toContain('Amps of one leg only');
    const legs = { phases: 'three', legVolts: [226, 229, 233], legAmps: [8.4, 8.9, 9.3], plateAmps: 9.6 };
    expect(line('motorLoad', legs, 'imbalance of volts')).toBeCloseTo(1.6, 2);
    expect(line('motorLoad', legs, 'imbalance of amps')).toBeCloseTo(5.26, 2);
    expect(value('motorLoad', legs)).toBe(9.3);
    expect(answer('motorLoad', legs).notes).toEqual([]);
  });

  test('legs of a motor: the highest counts, uneven ones are said, none running is asked about', () => {
    const tool = benchTool('motorLoad')!;
    const three = { phases: 'three', volts: 230, amps: 4.6 };
    expect(answer('motorLoad', { ...three, legVolts: [210, 230, 240] }).notes[0]).toContain('Volts: Over 5 %: stop');
    expect(answer('motorLoad', { ...three, legAmps: [4, 5, 6] }).notes[0]).toMatch(/^Amps: Over 10 %.*Roll the three/);
    expect(tool.hides!({ phases: 'one' })).toEqual(['legVolts', 'legAmps']);
    expect(tool.hides!({ phases: 'three', legVolts: [226, 229] })).toEqual([]);
    expect(tool.hides!({ phases: 'three', legVolts: [226, 229, 233] })).toEqual(['volts']);
    expect(value('motorLoad', { ...three, phases: 'one', legAmps: [4, 5, 6] })).toBe(4.6);
    expect(faults('motorLoad', { ...three, legVolts: [226, 229] })[0]).toContain('2 of at least 3');
    expect(faults('motorLoad', { ...three, legAmps: [0, 0, 0] })).toEqual([
      'legAmps: No amps on any leg. Measure with the motor running.',
    ]);
    expect(faults('motorLoad', { phases: 'three', legVolts: [226, 229, 233] })[0]).toContain('Amps: enter it');
  });

  test('C: predicted drop, and the drop as an airflow', () => {
    const air = { tons: 3, returnF: 75, returnWetF: 62.5, outdoorF: 95 };
    expect(value('predictedDrop', { ...air, flowCfm: 1200 })).toBeCloseTo(20.9, 1);
    expect(Math.abs(value('coolingDrop', { ...air, supplyF: 75 - 20.94 }) - 1200)).toBeLessThan(3);
    const capacity = { flowCfm: 1000, returnF: 75, returnWetF: 62.5, supplyF: 55, supplyWetF: 54 };
    expect(Math.abs(value('capacity', capacity) / 24_820 - 1)).toBeLessThan(0.005);
    expect(line('capacity', { ...capacity, tons: 2 }, 'of nominal')).toBeCloseTo(103.2, 0);
  });

  test('static, filter, ducts', () => {
    expect(value('tesp', { returnInWc: 0.31, supplyInWc: 0.27 })).toBeCloseTo(0.58, 10);
    expect(value('tesp', { returnInWc: -0.31, supplyInWc: 0.27 })).toBeCloseTo(0.58, 10);
    const filter = { flowCfm: 1200, widthIn: 20, heightIn: 20 };
    expect(value('filterSizing', filter)).toBe(432);
    expect(line('filterSizing', filter, 'filters needed')).toBe(2);
    expect(value('filterSizing', { ...filter, mount: 'bare', collarIn: 10 })).toBeCloseTo(
      1200 / ((Math.PI * 225) / 576),
      3,
    );
    expect(value('ductSizing', { flowCfm: 400, frictionLimit: 0.1 })).toBe(10);
    expect(
      value('ductBudget', { availableInWc: 0.5, filterInWc: 0.2, outletsInWc: 0.06, dampersInWc: 0.04, lengthFt: 200 }),
    ).toBeCloseTo(0.1, 10);
  });
});

describe('bad input is answered at its field', () => {
  const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };
  test.each<[string, RawInputs, string]>([
    ['electricHeat', { ...heat, supplyF: 70 }, 'supplyF: The air must leave at least 1 °F warmer'],
    ['electricHeat', { ...heat, amps: 0 }, 'amps: Element amps must be above 0'],
    ['electricHeat', { ...heat, altitudeFt: 40_000 }, 'altitudeFt: Altitude must be between −1,000 and 15,000 ft'],
    ['electricHeat', { ...heat, volts: 'many' }, 'volts: Heater volts must be a number'],
    ['electricHeat', {}, 'volts: Heater volts: enter it'],
    ['traverse', { widthIn: 20, heightIn: 10, readings: [800, 810] }, 'readings: 2 of 25 readings'],
    ['traverse', { widthIn: 20, heightIn: 10, readings: [800, -5] }, 'readings: Readings by hole: number 2 is "-5"'],
    ['traverse', { widthIn: 0, heightIn: 10, readings: [800] }, 'widthIn: Inside width must be between 3 and 200 in.'],
    ['traverse', { widthIn: 20, heightIn: 10, readings: [800, null, 2] }, 'number 2 is missing'],
    ['airState', { dryBulbF: 70, wetBulbF: 72 }, 'wetBulbF: The wet bulb cannot be above the dry bulb'],
    ['tesp', { returnInWc: 0.3, supplyInWc: -0.2 }, 'supplyInWc: Supply static should be above zero'],
    [
      'capacity',
      { flowCfm: 1000, returnF: 75, returnWetF: 60, supplyF: 80, supplyWetF: 70 },
      'Are the probes swapped?',
    ],
    ['coolingDrop', { tons: 3, returnF: 75, returnWetF: 62, outdoorF: 95, supplyF: 76 }, 'Swapped probes'],
    ['registers', { values: [100, 90], temperaturesF: [55] }, '2 readings, but 1 temperatures'],
    ['ductBudget', { availableInWc: 0.1, lengthFt: 200 }, 'Nothing is left for ducts'],
    ['sheaves', { leastPitchIn: 3.8, mostPitchIn: 2.8, turns: 5, turnsOpen: 1, blowerPitchIn: 7 }, 'larger than open'],
    [
      'sheaves',
      { leastPitchIn: 2.8, mostPitchIn: 3.8, turns: 5, turnsOpen: 6, blowerPitchIn: 7 },
      'bottom of the groove',
    ],
    ['beltLength', { by: 'belt', onePitchIn: 3, otherPitchIn: 7, mark: 'C60' }, 'Huff does not know this belt size'],
    ['beltLength', { by: 'belt', onePitchIn: 8, otherPitchIn: 12, mark: 'A20' }, 'too short'],
    ['beltLength', { by: 'centres', onePitchIn: 8, otherPitchIn: 12, centresIn: 9, section: 'A' }, 'would touch'],
    ['requestedFlow', { by: 'guess', flashes: 12 }, 'by: Known from: choose one of'],
  ])('%s %j', (id, inputs, says) => expect(faults(id, inputs).join('\n')).toContain(says));

  test('a hidden field is neither requested nor judged', () => {
    expect(faults('requestedFlow', { by: 'table', tableCfm: 1200, flashes: 9999 })).toEqual([]);
  });
});

describe('every tool, whatever is typed', () => {
  const typed = (field: ToolField): fc.Arbitrary<unknown> => {
    if (field.kind === 'choice') return fc.constantFrom(...field.options.map((o) => o.id), undefined);
    if (field.kind === 'text')
      return fc.constantFrom('A48', '4L500', 'BX60', '', 'x', null, 7, 'far too long a text for it');
    const number = fc.oneof(
      fc.double({ min: field.min, max: field.max, noNaN: true }),
      fc.constantFrom(field.min, field.max, 0, -1, 1e9, Number.NaN, Infinity, null, '', 'x'),
    );
    return field.kind === 'number' ? number : fc.array(number, { maxLength: 30 });
  };
  const inputsOf = (tool: Tool) =>
    fc.record(Object.fromEntries(Object.entries(tool.fields).map(([id, field]) => [id, typed(field)])));
  const sound = (tool: Tool) =>
    fc.record(
      Object.fromEntries(
        Object.entries(tool.fields).map(([id, field]) => {
          if (field.kind === 'choice') return [id, fc.constantFrom(...field.options.map((o) => o.id))];
          if (field.kind === 'text') return [id, fc.constantFrom('A48', '5L630', 'BX60', 'zz')];
          const number = fc.double({ min: field.min, max: field.max, noNaN: true });
          if (field.kind === 'number') return [id, number];
          return [id, fc.array(number, { minLength: field.least, maxLength: 10 })];
        }),
      ),
    );

  test.each(TOOLS.map((tool) => [tool.id, tool] as const))('%s never gives a figure that is none', (_id, tool) => {
    const check = (raw: RawInputs) => {
      const outcome = solveTool(tool, raw);
      if (!outcome.ok) {
        expect(outcome.errors.length).toBeGreaterThan(0);
        for (const e of outcome.errors) expect(e.message).not.toMatch(/NaN|Infinity|undefined/);
        return;
      }
      const figures = [outcome.headline, ...outcome.lines];
      for (const f of figures) expect(toolText(f.value, f.unit)).not.toMatch(/NaN|∞|Infinity|undefined/);
      expect([...outcome.notes, outcome.formula].join(' ')).not.toMatch(/NaN|Infinity|undefined/);
      if (outcome.flow) {
        expect(outcome.flow.flowCfm).toBeGreaterThan(0);
        expect(outcome.flow.sigmaShare).toBeGreaterThan(0.02);
        expect(outcome.flow.sigmaShare).toBeLessThanOrEqual(0.25);
      }
    };
    fc.assert(fc.property(inputsOf(tool), check), { numRuns: 150 });
    fc.assert(fc.property(sound(tool), check), { numRuns: 150 });
  });

  test('ids are unique and every tool says what it tells', () => {
    expect(new Set(TOOLS.map((t) => t.id)).size).toBe(TOOLS.length);
    for (const tool of TOOLS) expect(tool.says.length).toBeGreaterThan(20);
  });
});

test('figures are rounded as they are read', () => {
  expect(toolFigure(-0.314, 'inWc')).toBe('−0.31');
  expect(toolFigure(-0.001, 'inWc')).toBe('0.00');
  expect(toolText(1083.4, 'cfm')).toBe('1,083 CFM');
  expect(traversePoints({ shape: 'round', diameterIn: 14 })).toBe(24);
  expect(traversePoints({ widthIn: 0, heightIn: 10 })).toBeUndefined();
});
