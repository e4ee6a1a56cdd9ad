import { fireEvent, screen } from '@testing-library/react-native';
import type { DecidedPlan, VisitDto } from '@huff/contract';
import { COMPLAINTS } from '@huff/core/call';
import { renderThemed } from '../../testing/render';
import { measured, NOW, onTap3, read, TABLE } from '../../testing/visits';
import { AdvicePane } from '../speed/AdvicePane';
import { unitLine } from '../visitState/unitWords';
import { checkAt, onTable, quickCheck } from '../visitState/newVisit';
import { withFact } from '../visitState/newFact';
import { clockWords } from '../visitState/clockWords';
import { nextStep } from '../visitState/nextStep';
import { ReadingsLog } from './ReadingsLog';
import { ResultStrip } from '../resultFoot/ResultStrip';
import { stationsOf } from './stations';
import { assess } from '../visitState/useAssessment';

const now = NOW;
const table = TABLE;
const onTap3Visit = onTap3();
const exampleA = measured();

test('the next step leads from nothing to a saved visit, and on', () => {
  const step = (visit: VisitDto, saved = false) => nextStep(visit, assess(visit), saved);
  const measure = (port: string) => ({ kind: 'measure', measure: { kind: 'port', port } });
  expect(step(quickCheck(now))?.kind).toBe('standsHere');
  expect(step({ ...quickCheck(now), tons: 3 })).toMatchObject(measure('R2'));
  expect(step(read(quickCheck(now), 'R2', -0.31))).toMatchObject(measure('S1'));
  expect(step({ ...onTap3Visit, tap: null })?.kind).toBe('sayTap');
  expect(step({ ...exampleA, tons: null })?.kind).toBe('sayTons');
  expect(step({ ...onTap3Visit, tons: null, setup: { designCfm: 1200 } })?.kind).toBe('measure');
  expect(step(onTap3Visit)).toMatchObject(measure('R2'));
  expect(step(read(onTap3Visit, 'R2', -0.31))).toMatchObject(measure('S1'));
  expect(step(exampleA)?.kind).toBe('save');
  expect(step(exampleA, true)).toMatchObject({ kind: 'measure', measure: { kind: 'look' } });
});

test('a stop comes before everything', () => {
  const iced = withFact(quickCheck(now), 'look', { item: 'ice', state: 'coil' }, now);
  expect(nextStep(iced, assess(iced), false)).toMatchObject({ kind: 'measure', measure: { kind: 'stop' } });
});

const AIR_STATIONS = new Set(['look', 'pressure', 'airflow', 'drop', 'fix', 'prove']);

test('the complaint sets the run: its stations first, in its order, the others behind', () => {
  const order = (visit: VisitDto) =>
    stationsOf({ visit, whole: visit, assessment: assess(visit), parted: { before: visit } }).map(({ id, isAside }) =>
      isAside ? `+${id}` : id,
    );
  expect(order(quickCheck(now)).slice(0, 7)).toEqual(['call', 'look', 'pressure', 'airflow', 'drop', 'causes', 'fix']);
  const said = withFact(quickCheck(now), 'check', { point: 'complaint', state: 'noRun' }, now);
  expect(order(said).slice(0, 4)).toEqual(['call', 'look', 'power', 'pressure']);
  expect(order(said)).toContain('+refrigerant');
  expect(order(said)).toHaveLength(15);
  // Another one may be said at any time; the last one counts.
  const other = withFact(said, 'check', { point: 'complaint', state: 'startUp' }, now);
  expect(order(other).slice(0, 3)).toEqual(['call', 'look', 'airflow']);
});

test('a drill has nobody to hand over to, and an exam does not say what is likely', () => {
  const visit = quickCheck(now);
  const facts = { visit, whole: visit, assessment: assess(visit), parted: { before: visit } };
  const ids = (isSilent: boolean) => stationsOf(facts, { isSilent }).map(({ id }) => id);
  expect(ids(false)).toContain('causes');
  expect(ids(true)).not.toContain('causes');
  expect([...ids(false), ...ids(true)]).not.toContain('handOver');
  expect(ids(true)).toContain('pressure');
});

test('Findings come before Hand over in every run, and both end it', () => {
  for (const complaint of [undefined, ...COMPLAINTS.map(({ id }) => id)]) {
    const visit = complaint
      ? withFact(quickCheck(now), 'check', { point: 'complaint', state: complaint }, now)
      : quickCheck(now);
    const run = stationsOf({ visit, whole: visit, assessment: assess(visit), parted: { before: visit } })
      .filter(({ isAside }) => !isAside)
      .map(({ id }) => id);
    expect(run.slice(-2)).toEqual(['found', 'handOver']);
  }
});

test('on an electrical call Fix and Prove come into the run when they have something to do', () => {
  const run = (visit: VisitDto, plan?: DecidedPlan) =>
    stationsOf({ visit, whole: visit, assessment: assess(visit), parted: { before: visit, plan } })
      .filter(({ isAside, id }) => !isAside && (id === 'fix' || id === 'prove'))
      .map(({ id }) => id);
  const noRun = (visit: VisitDto) => withFact(visit, 'check', { point: 'complaint', state: 'noRun' }, now);
  expect(run(noRun(quickCheck(now)))).toEqual([]);
  expect(run(noRun(exampleA))).toEqual(['fix']);
  expect(run(noRun(exampleA), {} as DecidedPlan)).toEqual(['fix', 'prove']);
  // A call about air shows the whole way from the start.
  expect(run(quickCheck(now))).toEqual(['fix', 'prove']);
});

test('stations show how far the visit is', () => {
  const states = (visit: VisitDto) =>
    stationsOf({ visit, whole: visit, assessment: assess(visit), parted: { before: visit } })
      .filter(({ id }) => AIR_STATIONS.has(id))
      .map((s) => s.state);
  expect(states(quickCheck(now))).toEqual(['empty', 'empty', 'empty', 'empty', 'empty', 'empty']);
  expect(states(read(onTap3Visit, 'R2', -0.31))).toEqual(['empty', 'started', 'empty', 'empty', 'empty', 'empty']);
  expect(states(exampleA)).toEqual(['empty', 'done', 'done', 'empty', 'started', 'empty']);
  const looked = withFact(exampleA, 'look', { item: 'filter', state: 'loaded' }, now);
  expect(states(looked)[0]).toBe('started');
});

test('a fact of the same kind corrects the one that stands; looks stand side by side', () => {
  const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };
  const once = withFact(exampleA, 'electricHeat', heat, now);
  const twice = withFact(once, 'electricHeat', { ...heat, amps: 40 }, now);
  expect(twice.facts!.map((f) => f.replacesId)).toEqual([null, once.facts![0]!.id]);
  expect(assess(twice).estimates).toHaveLength(2);
  const looks = withFact(
    withFact(twice, 'look', { item: 'ice', state: 'none' }, now),
    'look',
    { item: 'air', state: 'weak' },
    now,
  );
  expect(looks.facts!.slice(-2).map((f) => f.replacesId)).toEqual([null, null]);
});

test('a table brings motor and tons, keeps a tap it knows and lets go of one it does not', () => {
  expect(onTable(onTap3Visit, table).tap).toBe('3');
  expect(onTable({ ...onTap3Visit, tap: 'high' }, table)).toMatchObject({
    tap: null,
    tons: 3,
    motor: 'constantTorque',
  });
  expect(onTable({ ...onTap3Visit, tons: 2.5 }, table).tons).toBe(2.5);
});

test('a check at a known unit starts from its record', () => {
  const site = { id: '11110000-0000-4000-8000-000000000077', name: 'Lantern Quay library' };
  const unit = {
    ...{ id: table.id, siteId: site.id, name: 'Reading room', layout: 'packaged' as const },
    ...{ motor: 'psc' as const, tons: 5, maxTespInWc: null, cfmPerTon: 350, tap: 'C', blowerTableId: null },
  };
  const visit = checkAt(unit, undefined, site, now);
  expect(checkAt(unit, undefined, undefined, now).title).toBe('Reading room');
  expect(visit).toMatchObject({
    title: 'Lantern Quay library, Reading room',
    layout: 'packaged',
    table: null,
    tons: 5,
  });
  expect(unitLine(visit)).toBe('5 t · PSC · tap C · cooling');
  expect(unitLine(quickCheck(now))).toBe('equipment not set up · cooling');
});

test('the advice lists what each tap would really do, and a touch looks at one', () => {
  const onLook = jest.fn();
  renderThemed(<AdvicePane advice={assess(exampleA).advice} onLook={onLook} />);
  expect(screen.getByText('No speed can do it: clear the restriction first')).toBeTruthy();
  expect(screen.getByText('table at today’s static: 1,083')).toBeTruthy();
  expect(screen.getByText('off its curve: ends at 1,153 CFM, the system needs 0.87')).toBeTruthy();
  fireEvent.press(screen.getByLabelText(/^Tap 4: 1,036 CFM at 0.70/));
  expect(onLook).toHaveBeenCalledWith('4');
});

test('moving a lead comes with its caution', () => {
  const open = read(read(onTap3Visit, 'R2', -0.14), 'S1', 0.16);
  const { advice } = assess({ ...open, tons: 3 });
  expect(advice.kind).toBe('change');
  renderThemed(<AdvicePane advice={advice} onLook={jest.fn()} />);
  expect(screen.getByText(/Shut off power at the disconnect and verify it is dead/)).toBeTruthy();
});

test('the log keeps what was corrected, struck through', () => {
  const first = exampleA.readings[0]!;
  const corrected = read(exampleA, 'R2', -0.21, first.id);
  renderThemed(<ReadingsLog visit={corrected} assessment={assess(corrected)} />);
  expect(screen.getByText('−0.31')).toHaveStyle({ textDecorationLine: 'line-through' });
  expect(screen.getByText('corrected')).toBeTruthy();
  expect(screen.getByText('−0.21')).not.toHaveStyle({ textDecorationLine: 'line-through' });
});

test('a drop that was read but cannot be judged yet is not called unread', () => {
  const strip = (visit: VisitDto) =>
    renderThemed(<ResultStrip visit={visit} assessment={assess(visit)} onWorking={() => undefined} />);
  strip(exampleA);
  expect(screen.getByLabelText(/^ΔT – °F, not read: not enough data/)).toBeTruthy();
  // So low a static that the book is in doubt: no air to judge a drop by.
  const unsure = read(read(onTap3(), 'R2', -0.05), 'S1', 0.07);
  const drop = { tons: 3, returnF: 75, moisture: 'wetBulb', returnWetF: 62.5, outdoorF: 95, supplyF: 55, minutes: 15 };
  strip(withFact(unsure, 'measuredDrop', drop, now));
  expect(screen.getByLabelText(/^ΔT 20\.0 °F, not judged yet: not enough data/)).toBeTruthy();
});

test('a clock that was off is told in words; one that was right is not', () => {
  expect([-86_400_000, -86_399_300, 2 * 3_600_000, -150_000, 900, undefined].map(clockWords)).toEqual([
    'the phone’s clock was 1 day ahead',
    'the phone’s clock was 1 day ahead',
    'the phone’s clock was 2 hours behind',
    'the phone’s clock was 3 minutes ahead',
    undefined,
    undefined,
  ]);
});
