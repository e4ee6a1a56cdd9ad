import { EXAMPLE_A_READINGS, EXAMPLE_A_TABLE, EXAMPLE_A_UNIT } from '../../../fixtures/exampleA';
import { SOUND_FAN } from '../../../fixtures/exampleLooks';
import { DEFAULT_RULES, type UnitFacts } from '../../judge/verdicts';
import type { Conditions, PressureReading } from '../../air/readings';
import type { PortId } from '../../air/system';
import { RETURN_DEW_POINT } from '../../calculators/temperature';
import type { RawInputs } from '../../base/forms';
import { assessVisit } from './assessVisit';
import type { Fact, FactKind } from '../../call/facts';
import type { VisitFacts } from './visitFacts';

const asItRuns: Conditions = { door: 'on', filter: 'in', coil: 'wet' };
const reading = (port: PortId, staticInWc: number, more: Partial<Conditions> = {}): PressureReading => ({
  id: `${port} ${staticInWc} ${JSON.stringify(more)}`,
  port,
  staticInWc,
  conditions: { ...asItRuns, ...more },
});
const fact = (kind: FactKind, inputs: RawInputs, id = `${kind} ${JSON.stringify(inputs)}`): Fact => ({
  id,
  kind,
  inputs,
});
const seen = fact('look', { item: 'filter', state: 'clean' });
const visit = (more: Partial<VisitFacts> = {}): VisitFacts => ({
  unit: EXAMPLE_A_UNIT,
  mode: 'cooling',
  readings: EXAMPLE_A_READINGS,
  facts: [],
  ...more,
});
const assess = (more: Partial<VisitFacts> = {}, rules = DEFAULT_RULES) => assessVisit(visit(more), rules);

describe('filter-out retest', () => {
  const out = [reading('R2', -0.17, { filter: 'out' }), reading('S1', 0.3, { filter: 'out' })];
  test('worked example A: 0.1515 at 940 CFM, neither 0.14 nor 0.11', () => {
    const { retest } = assess({ readings: [...EXAMPLE_A_READINGS, ...out] });
    expect(retest?.flowCfm).toBeCloseTo(984.7, 1);
    expect(retest?.filterDropInWc).toBeCloseTo(0.1515, 4);
  });
  test('needs both ports with the filter out and the door on', () => {
    expect(assess({ readings: [...EXAMPLE_A_READINGS, out[0]!] }).retest).toBeUndefined();
    const doorOff = { ...out[1]!, conditions: { ...out[1]!.conditions, door: 'off' as const } };
    expect(assess({ readings: [...EXAMPLE_A_READINGS, out[0]!, doorOff] }).retest).toBeUndefined();
  });
  test('states that more than the filter explains are said, not computed', () => {
    const higher = [reading('R2', -0.4, { filter: 'out' }), reading('S1', 0.3, { filter: 'out' })];
    const { retest } = assess({ readings: [...EXAMPLE_A_READINGS, ...higher] });
    expect(retest?.filterDropInWc).toBeUndefined();
    expect(retest?.sentence).toContain('more than the filter explains');
  });
});

describe('airflow by several methods', () => {
  const readings25 = Array.from({ length: 25 }, () => 680);
  const near = fact('traverse', { widthIn: 20, heightIn: 10, readings: readings25, beforeIn: 110, afterIn: 45 });
  test('the table alone keeps its own verdict', () => {
    const { airflow, flow } = assess();
    expect(flow?.counted).toEqual(['blowerTable']);
    expect(airflow.value).toBeCloseTo(940.2, 1);
  });
  test('a second one that agrees makes it surer', () => {
    const { flow, airflow } = assess({ facts: [near] });
    expect(flow?.counted).toEqual(['blowerTable', 'traverse']);
    expect(flow!.sigmaCfm).toBeLessThan(0.06 * 940);
    // The static, the table and the traverse.
    expect(airflow.working.inputs).toHaveLength(3);
  });
  test('one set aside with a reason does not count until it is taken back', () => {
    const aside = fact('setAside', { method: 'traverse', reason: 'elbow' });
    const back = fact('setAside', { method: 'traverse', reason: '' });
    expect(assess({ facts: [near, aside] }).flow?.counted).toEqual(['blowerTable']);
    expect(assess({ facts: [near, aside, back] }).flow?.counted).toHaveLength(2);
  });
  test('a correction takes the place of what it corrects', () => {
    const again: Fact = {
      ...fact('traverse', { ...near.inputs, readings: readings25.map(() => 700) }),
      replacesId: near.id,
    };
    expect(assess({ facts: [near, again] }).estimates.find((e) => e.id === 'traverse')?.flowCfm).toBeCloseTo(972.2, 1);
  });
  test('a caked wheel, a dry coil or a low line make the table less sure, with the reason', () => {
    const table = (more: Partial<VisitFacts>) => assess(more).estimates[0]!;
    expect(table({ facts: [fact('look', { item: 'wheel', state: 'caked' })] }).doubts[0]).toContain(
      'caked blower wheel found',
    );
    const dry = EXAMPLE_A_READINGS.map((r) => ({ ...r, conditions: { ...asItRuns, coil: 'dry' as const } }));
    expect(table({ readings: dry }).doubts[0]).toContain('wet coil');
    const psc: UnitFacts = { ...EXAMPLE_A_UNIT, motor: 'psc' };
    const low = table({ unit: psc, lineVolts: 208, table: { volts: 240 } });
    expect(low.doubts[0]).toContain('208 V');
    expect(low.sigmaShare).toBeGreaterThan(DEFAULT_RULES.tableFlowSigma);
  });
});

describe('temperature drop', () => {
  const air = { tons: 3, returnF: 75, returnWetF: 62.5, outdoorF: 95 };
  const at = (supplyF: number) => fact('measuredDrop', { ...air, supplyF });
  test.each([
    [50.8, 'inside'],
    // It fits far less air than the table reads: the table is doubted, and no word is said of the drop.
    [44, 'cantSay'],
    [62, 'outside'],
  ])('supply %p °F is %s', (supplyF, word) => expect(assess({ facts: [at(supplyF)] }).drop.word).toBe(word));
  test('the rule of thumb is used only when it is chosen or nothing else can be said, and labelled', () => {
    const weak = assess({ facts: [at(55)] }, { ...DEFAULT_RULES, dropSchool: 'ruleOfThumb' }).drop;
    expect(weak.limit).toMatchObject({ low: 16, high: 22, source: 'ruleOfThumb' });
    expect(assess({ facts: [at(55)], readings: [] }).drop.sentence).toContain('Missing: airflow to predict it');
  });
  test('capacity and ice come with it', () => {
    const full = fact('measuredDrop', { ...air, supplyF: 52, supplyWetF: 51, suctionSatF: 30 });
    const { dropAnswer } = assess({ facts: [full] });
    expect(dropAnswer?.lines.map((l) => l.label)).toContain('of nominal');
    expect(dropAnswer?.lines.find((l) => l.label === RETURN_DEW_POINT)?.value).toBeCloseTo(54.8, 0);
    expect(dropAnswer?.notes.join(' ')).toContain('ice grows');
  });
  test('a heating rise is judged by the nameplate', () => {
    const gas = fact('gasHeat', { cuFt: 1, seconds: 36, returnF: 70, supplyF: 135 });
    const { rise } = assess({ facts: [gas], mode: 'heating', rise: { min: 30, max: 60 } });
    expect(rise).toMatchObject({ word: 'outside', value: 65, limit: { source: 'nameplate' } });
    expect(assess({ facts: [gas], mode: 'heating' }).rise?.word).toBe('cantSay');
  });
});

describe('a visit in heating aims at what the heat asks for', () => {
  const rise = { min: 30, max: 60 };
  test('by the output that was typed', () => {
    const heating = { outputBtuH: 54_000, riseMinF: 30, riseMaxF: 60 };
    const { judgement, airflow, advice } = assess({ mode: 'heating', heating, facts: SOUND_FAN });
    expect(judgement.target).toMatchObject({ source: 'nameplate' });
    expect(judgement.target!.lowCfm).toBeCloseTo(54_000 / 1.08 / 60, 0);
    expect(airflow).toMatchObject({ word: 'inside', limit: { source: 'nameplate' } });
    expect(airflow.sentence).toContain('the nameplate rise of 30 to 60 °F');
    expect(advice.kind).not.toBe('cantSay');
  });
  test('by the output as it was measured while it heated', () => {
    const gas = fact('gasHeat', { cuFt: 1, seconds: 36, returnF: 70, supplyF: 135 });
    const { judgement, model } = assess({ facts: [gas], mode: 'heating', rise });
    expect(model!.system.heating?.outputBtuH).toBeCloseTo(82_400, 0);
    expect(judgement.target!.lowCfm).toBeCloseTo(82_400 / 1.08 / 60, 0);
    const inCooling = assess({ facts: [gas], rise });
    expect(inCooling.model!.system.heating).toBeUndefined();
    expect(inCooling.judgement.target!.flowCfm).toBe(1200);
  });
  test('without either it stays with the tons', () => {
    expect(assess({ mode: 'heating' }).judgement.target).toMatchObject({ flowCfm: 1200 });
  });
});

describe('questions about nonsense', () => {
  const ask = (readings: PressureReading[]) => assess({ readings }).questions.map((q) => q.id);
  test('none for a sound path', () => expect(ask([...EXAMPLE_A_READINGS])).toEqual([]));
  test('signs, order and lift', () => {
    expect(ask([reading('R2', 0.31)])).toContain('sign R2');
    expect(ask([reading('S1', -0.2)])).toContain('sign S1');
    expect(ask([reading('R1', -0.4), reading('R2', -0.2)])).toContain('rise R2');
    expect(ask([reading('R2', -0.1), reading('S1', -0.2)])).toContain('lift');
  });
  test('low static with low air points to the fan, not the ducts', () => {
    const table = { ...EXAMPLE_A_TABLE, taps: [{ tap: '3', flowsCfm: [700, 650, 600, 550, 500, 450, 400, 350] }] };
    const low = assess({
      unit: { ...EXAMPLE_A_UNIT, table: { ...table, staticsInWc: [0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7] } },
      readings: [reading('R2', -0.03), reading('S1', 0.03)],
    });
    expect(low.questions.find((q) => q.id === 'lowStatic')?.sentence).toContain('caked wheel');
  });
});

describe('what is left for ducts', () => {
  const school = { ...DEFAULT_RULES, school: 'leftForDucts' as const };
  test('only under that school; a friction rate once the length is known', () => {
    expect(assess().ductBudget).toBeUndefined();
    const unit = { ...EXAMPLE_A_UNIT, tap: '5' };
    const readings = [reading('R1', -0.1), reading('R2', -0.2), reading('S1', 0.3)];
    expect(assess({ unit, readings }, school).ductBudget?.word).toBe('cantSay');
    const known = assess({ unit, readings, effectiveLengthFt: 300 }, school).ductBudget!;
    expect(known.ratePer100Ft).toBeCloseTo((100 * known.leftInWc) / 300, 9);
    expect(known.availableInWc).toBeGreaterThan(0.6);
  });
  test('a tap that never moves the target leaves nothing', () => {
    expect(assess({}, school).ductBudget).toMatchObject({ word: 'outside', leftInWc: 0 });
  });
});

describe('the next reading, always with its reason', () => {
  test.each<[string, Partial<VisitFacts>, object]>([
    ['nothing read', { readings: [] }, { kind: 'port', port: 'R2', filterOut: false }],
    ['ice', { readings: [], facts: [fact('look', { item: 'ice', state: 'coil' })] }, { kind: 'stop' }],
    ['not looked at', {}, { kind: 'look' }],
    ['over the nameplate', { facts: [seen] }, { kind: 'port', port: 'R2', filterOut: true }],
    [
      'inlet read, filter out',
      { facts: [seen], readings: [...EXAMPLE_A_READINGS, reading('R2', -0.17, { filter: 'out' })] },
      { kind: 'port', port: 'S1', filterOut: true },
    ],
    [
      'no table',
      {
        unit: { layout: 'airHandler', motor: 'psc', tons: 3 },
        facts: [seen],
        readings: [
          ...EXAMPLE_A_READINGS,
          reading('R1', -0.1),
          reading('R2', -0.17, { filter: 'out' }),
          reading('S1', 0.3, { filter: 'out' }),
        ],
      },
      { kind: 'method', method: 'flowPlate' },
    ],
    [
      'constant airflow',
      {
        unit: { layout: 'airHandler', motor: 'constantAirflow', tons: 3, maxTespInWc: 1 },
        facts: [seen],
        readings: [...EXAMPLE_A_READINGS, reading('R1', -0.1)],
      },
      { kind: 'method', method: 'requestedFlow' },
    ],
  ])('%s', (_name, more, next) => {
    const found = assess(more).next!;
    expect(found).toMatchObject(next);
    expect(found.why.length).toBeGreaterThan(20);
  });
});

test('filters: face velocity against the shop’s limit, and what the target would need', () => {
  const { filterFace } = assess({ filters: { count: 1, widthIn: 20, heightIn: 20 } });
  expect(filterFace).toMatchObject({ word: 'outside', unit: 'fpm' });
  expect(filterFace!.value).toBeCloseTo(940.2 / (400 / 144), 0);
  expect(filterFace!.sentence).toContain('For 1,200 CFM 2 of this size are enough, or one 24 × 24 in a box.');
  const bare = assess({ filters: { count: 1, widthIn: 20, heightIn: 20, collarIn: 10 } }).filterFace!;
  expect(bare.value!).toBeGreaterThan(filterFace!.value!);
  expect(bare.sentence).toContain('area under the collar');
});

test('a make-up air unit: static against outdoors, airflow against its design, no coil', () => {
  const unit: UnitFacts = {
    layout: 'makeUpAir',
    motor: 'beltDrive',
    maxTespInWc: 0.8,
    designCfm: 4000,
    tap: '800',
    table: { staticsInWc: [0.2, 0.4, 0.6], taps: [{ tap: '800', flowsCfm: [5150, 4600, 3950] }] },
  };
  const { judgement, airflow } = assess({
    unit,
    readings: [reading('R1', -0.06), reading('S1', 0.5)],
    mode: 'heating',
  });
  expect(judgement.tespInWc).toBe(0.5);
  expect(airflow.value).toBeCloseTo(4275, 0);
  expect(airflow.sentence).toContain('design 4,000');
});

describe('the external static as one reading', () => {
  const total = fact('check', { point: 'totalStatic', value: 0.58 });
  test('is judged and gives an airflow, with nothing said of where it is lost', () => {
    const { judgement, flow, model, airflow } = assess({ readings: [], facts: [total] });
    expect(judgement.tesp).toMatchObject({ value: 0.58, word: 'outside', readingIds: [total.id] });
    expect(flow?.flowCfm).toBeCloseTo(assess().flow!.flowCfm, 6);
    expect(judgement.sections).toEqual([]);
    expect(model).toBeDefined();
    expect(airflow.word).toBe(assess().airflow.word);
  });
  test('ends with the two readings of which it is the difference, and when it is taken back', () => {
    const wrong = fact('check', { point: 'totalStatic', value: 0.9 });
    expect(assess({ facts: [wrong] }).judgement.tespInWc).toBeCloseTo(0.58, 9);
    const back: Fact = { id: 'back', kind: 'takenBack', inputs: {}, replacesId: total.id };
    expect(assess({ readings: [], facts: [total, back] }).judgement.tespInWc).toBeUndefined();
  });
  test('beside one port of two it still stands alone', () => {
    const { judgement } = assess({ readings: [reading('R2', -0.31)], facts: [total] });
    expect(judgement.tespInWc).toBe(0.58);
  });
});
