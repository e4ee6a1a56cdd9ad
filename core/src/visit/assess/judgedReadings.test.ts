import { assess, drop, fact, noTable, plate, psc, read } from '../../../fixtures/exampleVisit';
import { EXAMPLE_A_READINGS, EXAMPLE_A_UNIT } from '../../../fixtures/exampleA';
import { EXAMPLE_D_DRIVE, EXAMPLE_D_TABLE } from '../../../fixtures/exampleD';
import { look, SOUND_FAN } from '../../../fixtures/exampleLooks';
import { requestOf } from '../../../fixtures/contradictions';
import { cleanDropInWc, type FilterFacts } from '../../air/filter';
import type { UnitFacts } from '../../judge/verdicts';
import { predict } from '../../fix/model';
import type { RawInputs } from '../../base/forms';
import type { VisitFacts } from './visitFacts';

test('7: shares are judged at the target airflow', () => {
  const readings = [read('R1', -0.1), read('R2', -0.19), read('S1', 0.12)];
  const at = (flowCfm: number) =>
    assess({ unit: noTable, readings, facts: [plate(flowCfm)] }).judgement.sections.map((s) => s.verdict.word);
  expect(at(1200)).toEqual(['inside', 'atTheEdge', 'inside']);
  // The same drops at 800 CFM are more than twice that at the target.
  expect(at(800)).toEqual(['outside', 'outside', 'outside']);
});

test('9: a table’s end has a tolerance: −0.34 and 0.26 is 0.60', () => {
  const at = (supply: number) =>
    assess({ unit: { ...EXAMPLE_A_UNIT, tap: '1' }, readings: [read('R2', -0.34), read('S1', supply)] });
  expect(at(0.26).flow?.counted).toEqual(['blowerTable']);
  expect(at(0.264).flow?.flowCfm).toBe(668);
  expect(at(0.266).offTable?.side).toBe('aboveTable');
});

test('10: altitude by motor kind', () => {
  const flow = (motor: UnitFacts['motor'], altitudeFt: number) =>
    assess({ unit: { ...EXAMPLE_A_UNIT, motor }, altitudeFt }).flow!.flowCfm;
  expect(flow('constantTorque', 5000) / flow('constantTorque', 0)).toBeCloseTo(1 / Math.sqrt(0.832), 3);
  // Thin air is as much static as more of it at sea level: a PSC motor moves less at the same reading.
  expect(flow('psc', 5000)).toBeLessThan(flow('psc', 0));
});

describe('11: facts keep tap and mode', () => {
  const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5, blowerWatts: 0 };
  test('a rise on the heating speed speaks of cooling through the table’s ratio only', () => {
    const onTwo = assess({ facts: [fact('electricHeat', heat, { mode: 'heating', tap: '2' })] });
    const found = onTwo.estimates.find(({ id }) => id === 'electricHeat')!;
    // 983 CFM on tap 2 would be more on tap 3: by what the table gives the two on this path.
    expect(found.flowCfm / 983.4).toBeGreaterThan(1.08);
    expect(found.doubts.join()).toContain('ratio of the two speeds');
    expect(found.sigmaShare).toBeGreaterThan(0.06);
    const onThree = assess({ facts: [fact('electricHeat', heat, { mode: 'heating', tap: '3' })] });
    expect(onThree.estimates.find(({ id }) => id === 'electricHeat')!.flowCfm).toBeCloseTo(983.4, 0);
  });
  test('without a table that relates them it is left out, and says why', () => {
    const unit = { ...EXAMPLE_A_UNIT, table: undefined };
    const found = assess({ unit, facts: [fact('electricHeat', heat, { mode: 'heating', tap: '2' })] });
    expect(found.estimates.find(({ id }) => id === 'electricHeat')).toMatchObject({
      unfit: true,
      setAside: expect.stringContaining('Measured on 2'),
    });
    expect(found.flow?.measured).toBe(false);
  });
  test('heat of before, on a unit whose heating speed is known, was taken on that', () => {
    const found = assess({ facts: [fact('electricHeat', heat)], heating: { tap: '2', outputBtuH: 33_000 } });
    expect(found.estimates.find(({ id }) => id === 'electricHeat')!.doubts.join()).toContain('Measured on 2');
  });
});

describe('13: the drop against 1σ and 2σ of model, readings and airflow', () => {
  const word = (supplyF: number) => assess({ unit: noTable, facts: [plate(1200), drop(supplyF)] }).drop.word;
  // 20.9 °F is predicted; σ = √(1.5² + 1.2² + that of 84 CFM²), about 2.1.
  test.each([
    [54.1, 'inside'],
    [52.2, 'inside'],
    [51, 'atTheEdge'],
    [57.5, 'atTheEdge'],
    [49.5, 'outside'],
    [59, 'outside'],
  ])('supply %p °F is %s', (supplyF, expected) => expect(word(supplyF)).toBe(expected));
  test('a return that is not the room’s is asked about', () => {
    const notes = (roomF: number) => assess({ facts: [drop(54, { roomF })] }).dropAnswer!.notes.join(' ');
    expect(notes(71)).toContain('4 °F warmer than the room: check for a return leak');
    expect(notes(73)).not.toContain('return leak');
  });
});

describe('14: filters by kind and face velocity, not by the nameplate', () => {
  const filters: FilterFacts = { count: 1, widthIn: 20, heightIn: 25, media: 'merv11x1' };
  const word = (filterDrop: number, of: FilterFacts) => {
    const readings = [read('R1', -0.1), read('R2', -0.1 - filterDrop), read('S1', 0.15)];
    return assess({ unit: noTable, readings, facts: [plate(1200)], filters: of }).judgement.sections[1]!.verdict;
  };
  test('a fine filter may take what a coarse one may not', () => {
    expect(cleanDropInWc(filters, 1200)).toBeCloseTo(0.2 * (1200 / (500 / 144) / 300) ** 1.3, 6);
    expect(word(0.3, filters).word).not.toBe('outside');
    expect(word(0.3, { ...filters, media: 'fibreglass1' }).word).toBe('outside');
    expect(word(0.3, { ...filters, media: undefined })).toMatchObject({
      word: 'outside',
      limit: { name: 'budget' },
    });
  });
  test('the depth decides how fast the air may go', () => {
    const face = (media: FilterFacts['media']) =>
      assess({ facts: [plate(1200)], filters: { ...filters, media } }).filterFace!;
    expect(face('merv11x1')).toMatchObject({ word: 'outside', limit: { high: 300 } });
    expect(face('merv8x4')).toMatchObject({ word: 'inside', limit: { high: 500 } });
  });
});

describe('16: power by motor kind', () => {
  const watts = 300;
  const powered = (motor: UnitFacts['motor']) => {
    const found = assess({
      unit: { ...EXAMPLE_A_UNIT, motor },
      readings: [read('R1', -0.16), ...EXAMPLE_A_READINGS],
      facts: [fact('motorLoad', { phases: 'one', volts: 230, amps: 2, watts })],
    });
    const request = requestOf(found)!;
    const filter = {
      ...request.system,
      path: request.system.path.map((s) =>
        s.stages[0] === 'filter'
          ? { ...s, resistance: { ...s.resistance, coefficient: 0.4 * s.resistance.coefficient } }
          : s,
      ),
    };
    return predict(filter, request.goal, request.system);
  };
  test('a filter change on constant torque saves a few percent, on PSC it costs', () => {
    const torque = powered('constantTorque').power!.watts / watts;
    expect(torque).toBeGreaterThan(0.95);
    expect(torque).toBeLessThan(0.99);
    expect(powered('psc').power!.watts).toBeGreaterThan(watts);
  });
  test('says which law it goes by', () => expect(powered('psc').power!.says).toContain('scaled by its motor type'));
});

describe('17: the next reading tells most per minute', () => {
  test('two filters in series: which one to take out, due whatever the static', () => {
    const unit: UnitFacts = { ...EXAMPLE_A_UNIT, filterPlace: 'both' };
    const readings = [read('R0', -0.08), read('R1', -0.12), read('R2', -0.2), read('S1', 0.12)];
    const { next } = assess({ unit, readings, facts: SOUND_FAN });
    expect(next).toMatchObject({
      kind: 'port',
      filterOut: true,
      words: expect.stringContaining('pull the filter at the unit'),
    });
  });
  test('a small drop asks for the return against the room: one minute', () => {
    const facts = [...SOUND_FAN, plate(1200), drop(62)];
    const readings = [read('R1', -0.1), read('R2', -0.2), read('S1', 0.2)];
    expect(assess({ unit: noTable, readings, facts }).next).toMatchObject({ kind: 'drop', minutes: 1 });
    const roomRead = [...SOUND_FAN, plate(1200), drop(62, { roomF: 75 })];
    expect(assess({ unit: noTable, readings, facts: roomRead }).next?.words ?? '').not.toContain('against the room');
  });
  test('a belt drive in doubt asks for amps or RPM before a traverse', () => {
    const unit: UnitFacts = {
      layout: 'packaged',
      motor: 'beltDrive',
      tons: 7.5,
      maxTespInWc: 1.2,
      table: EXAMPLE_D_TABLE,
      tap: '822.6',
    };
    const facts = [look('filter', 'clean')];
    const plateAmps = { ratedHp: 2, plateAmps: 6.8 };
    const { next } = assess({
      unit,
      readings: [read('R1', -0.1), read('S1', 0.15)],
      facts,
      drive: EXAMPLE_D_DRIVE,
      motorPlate: plateAmps,
    });
    expect(['motor', 'rpm']).toContain(next?.kind);
    expect(next!.minutes).toBeLessThanOrEqual(3);
  });
});

describe('what is read at live or moving parts says so first', () => {
  const belt: UnitFacts = {
    layout: 'packaged',
    motor: 'beltDrive',
    tons: 7.5,
    maxTespInWc: 1.2,
    table: EXAMPLE_D_TABLE,
    tap: '822.6',
  };
  const readings = [read('R1', -0.1), read('S1', 0.15)];
  const nextOf = (more: Partial<VisitFacts>) =>
    assess({ unit: belt, readings, facts: [look('filter', 'clean')], ...more }).next;

  test('RPM: hands and sleeves clear of the belt', () => {
    const next = nextOf({ drive: EXAMPLE_D_DRIVE });
    expect(next).toMatchObject({ kind: 'rpm', why: expect.stringMatching(/^Hands and sleeves clear of the belt\./) });
  });
  test('amps: a rated meter, hands out of the blower', () => {
    const motorPlate = { ratedHp: 2, plateAmps: 6.8 };
    const next = nextOf({ motorPlate, drive: { ...EXAMPLE_D_DRIVE, measuredRpm: 822.6 } });
    expect(next).toMatchObject({ kind: 'motor', why: expect.stringMatching(/^Live parts: use a rated meter/) });
  });
  test('the blower’s door: power off', () => {
    const { next } = assess({
      unit: psc,
      readings: [read('R2', -0.06), read('S1', 0.08)],
      facts: [look('filter', 'clean')],
    });
    expect(next).toMatchObject({ kind: 'look', why: expect.stringMatching(/^Shut off power first\./) });
  });
});

test('18: the blower’s own heat is in the rise unless it was said', () => {
  const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };
  const flow = (unit: UnitFacts, inputs: RawInputs) =>
    assess({ unit, facts: [fact('electricHeat', inputs)] }).estimates.find(({ id }) => id === 'electricHeat')!.flowCfm;
  expect(flow(psc, { ...heat, blowerWatts: 0 })).toBeCloseTo(983.4, 1);
  expect(flow(psc, heat)).toBeCloseTo(983.4 * (1 + 450 / (238 * 41.2)), 0);
  expect(flow(EXAMPLE_A_UNIT, heat)).toBeCloseTo(983.4 * (1 + 300 / (238 * 41.2)), 0);
});

test('19: pitot points far under the largest widen the error, and are named', () => {
  const pitot = (readings: number[]) =>
    fact('traverse', {
      shape: 'rectangle',
      widthIn: 20,
      heightIn: 12,
      plan: 'sweep',
      instrument: 'pitot',
      readings,
      beforeIn: 200,
      afterIn: 90,
    });
  const of = (readings: number[]) =>
    assess({ facts: [pitot(readings)] }).estimates.find(({ id }) => id === 'traverse')!;
  expect(of([0.05, 0.06, 0.004]).doubts.join()).toContain('1 of 3 velocity pressures are under a tenth');
  expect(of([0.05, 0.06, 0.004]).sigmaShare).toBeGreaterThan(of([0.05, 0.06, 0.05]).sigmaShare);
});
