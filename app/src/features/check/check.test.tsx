import { fireEvent, screen } from '@testing-library/react-native';
import type { BlowerTableDto, VisitDto } from '@huff/contract';
import { renderThemed } from '../../testing/render';
import { AdvicePane } from './AdvicePane';
import { unitLine } from './motorText';
import { AS_IT_RUNS, checkAt, onTable, quickCheck, withReading } from './newVisit';
import { withFact } from './newFact';
import { nextStep } from './nextStep';
import { ReadingsLog } from './ReadingsLog';
import { stationsOf } from './stations';
import { assess } from './useAssessment';

const now = new Date('2026-05-12T10:42:00Z');
const table: BlowerTableDto = {
  id: '11110000-0000-4000-8000-000000000001',
  name: 'AH 36',
  motor: 'constantTorque',
  tons: 3,
  staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8],
  taps: [
    { tap: '3', flowsCfm: [1120, 1085, 1049, 1012, 973, 932, 889, 843] },
    { tap: '4', flowsCfm: [1248, 1216, 1183, 1149, 1113, 1076, 1037, 995] },
    { tap: '5', flowsCfm: [1385, 1356, 1326, 1294, 1261, 1227, 1191, 1153] },
  ],
  savedAt: now.toISOString(),
};
const onTap3: VisitDto = { ...onTable(quickCheck(now), table), tap: '3', maxTespInWc: 0.5 };
const read = (visit: VisitDto, port: 'R1' | 'R2' | 'S1', staticInWc: number, replacesId: string | null = null) =>
  withReading(visit, { port, staticInWc, conditions: AS_IT_RUNS, replacesId }, now);
const measured = read(read(onTap3, 'R2', -0.31), 'S1', 0.27);

test('the next step leads from nothing to a saved visit, and on', () => {
  const step = (visit: VisitDto, saved = false) => nextStep(visit, assess(visit), saved);
  const measure = (port: string) => ({ kind: 'measure', measure: { kind: 'port', port } });
  expect(step(quickCheck(now))?.kind).toBe('chooseTable');
  expect(step({ ...onTap3, tap: null })?.kind).toBe('sayTap');
  expect(step({ ...onTap3, tons: null })?.kind).toBe('sayTons');
  expect(step({ ...onTap3, tons: null, setup: { designCfm: 1200 } })?.kind).toBe('measure');
  expect(step(onTap3)).toMatchObject(measure('R2'));
  expect(step(read(onTap3, 'R2', -0.31))).toMatchObject(measure('S1'));
  expect(step(measured)?.kind).toBe('save');
  expect(step(measured, true)).toMatchObject({ kind: 'measure', measure: { kind: 'look' } });
});

test('what holds comes before everything', () => {
  const iced = withFact(quickCheck(now), 'look', { item: 'ice', state: 'coil' }, now);
  expect(nextStep(iced, assess(iced), false)).toMatchObject({ kind: 'measure', measure: { kind: 'hold' } });
});

test('stations show how far the visit is', () => {
  const states = (visit: VisitDto) => stationsOf(visit, assess(visit)).map((s) => s.state);
  expect(states(quickCheck(now))).toEqual(['empty', 'empty', 'empty', 'empty', 'empty']);
  expect(states(read(onTap3, 'R2', -0.31))).toEqual(['empty', 'started', 'empty', 'empty', 'empty']);
  expect(states(measured)).toEqual(['empty', 'done', 'done', 'empty', 'done']);
  const looked = withFact(measured, 'look', { item: 'filter', state: 'loaded' }, now);
  expect(states(looked)[0]).toBe('started');
});

test('a fact of the same kind corrects the one that stands; looks stand side by side', () => {
  const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5 };
  const once = withFact(measured, 'electricHeat', heat, now);
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
  expect(onTable(onTap3, table).tap).toBe('3');
  expect(onTable({ ...onTap3, tap: 'high' }, table)).toMatchObject({ tap: null, tons: 3, motor: 'constantTorque' });
  expect(onTable({ ...onTap3, tons: 2.5 }, table).tons).toBe(2.5);
});

test('a check at a known unit starts from its record', () => {
  const unit = {
    ...{ id: table.id, siteName: 'Lantern Quay library', name: 'Reading room', layout: 'packaged' as const },
    ...{ motor: 'psc' as const, tons: 5, maxTespInWc: null, cfmPerTon: 350, tap: 'C', blowerTableId: null },
    savedAt: now.toISOString(),
  };
  const visit = checkAt(unit, undefined, undefined, now);
  expect(visit).toMatchObject({
    title: 'Lantern Quay library, Reading room',
    layout: 'packaged',
    table: null,
    tons: 5,
  });
  expect(unitLine(visit)).toBe('5 t · tap C · cooling');
});

test('the advice lists what each tap would really do, and a touch looks at one', () => {
  const onLook = jest.fn();
  renderThemed(<AdvicePane advice={assess(measured).advice} onLook={onLook} />);
  expect(screen.getByText('No tap can do it: clear the restriction first')).toBeTruthy();
  expect(screen.getByText('its column at today’s static says 1,083')).toBeTruthy();
  expect(screen.getByText('off the table: ends at 1,153 CFM, the path asks 0.87')).toBeTruthy();
  fireEvent.press(screen.getByLabelText(/^Tap 4: 1,036 CFM at 0.70/));
  expect(onLook).toHaveBeenCalledWith('4');
});

test('moving a lead comes with its caution', () => {
  const open = read(read(onTap3, 'R2', -0.1), 'S1', 0.1);
  const { advice } = assess({ ...open, tons: 3 });
  expect(advice.kind).toBe('change');
  renderThemed(<AdvicePane advice={advice} onLook={jest.fn()} />);
  expect(screen.getByText(/Kill power at the disconnect and verify dead/)).toBeTruthy();
});

test('the log keeps what was corrected, struck through', () => {
  const first = measured.readings[0]!;
  const corrected = read(measured, 'R2', -0.21, first.id);
  renderThemed(<ReadingsLog visit={corrected} assessment={assess(corrected)} />);
  expect(screen.getByText('−0.31')).toHaveStyle({ textDecorationLine: 'line-through' });
  expect(screen.getByText('corrected')).toBeTruthy();
  expect(screen.getByText('−0.21')).not.toHaveStyle({ textDecorationLine: 'line-through' });
});
