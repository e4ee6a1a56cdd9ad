import type { TriageItem } from '../triage/triage';
import { oneACause } from './oneACause';

const item = (id: string, area: TriageItem['area'], more: Partial<TriageItem> = {}): TriageItem => ({
  id,
  area,
  words: id,
  minutes: 10,
  money: 5,
  outcome: 'open',
  ...more,
});
const shown = (items: readonly TriageItem[]) => oneACause(items).map(({ id, evidence }) => [id, ...(evidence ?? [])]);

test('a loaded filter, no light through it and what it takes are one finding', () => {
  const list = [
    item('look-filter', 'filter', { minutes: 5, money: 12 }),
    item('look-light', 'filter'),
    item('air-stage-1', 'filter', { minutes: 0, money: 0 }),
    item('air-stage-2', 'ducts'),
  ];
  expect(shown(list)).toEqual([['look-filter', 'look-light', 'air-stage-1'], ['air-stage-2']]);
  // Changed once: the most any of them takes, not their sum.
  expect(oneACause(list)[0]).toMatchObject({ minutes: 10, money: 12 });
});

test('without its first, the next names it', () => {
  expect(shown([item('air-stage-1', 'filter'), item('look-light', 'filter')])).toEqual([['look-light', 'air-stage-1']]);
});

test('a symptom goes beneath the first open cause, and is no work where none is known', () => {
  const weak = item('look-air', 'power', { minutes: 20 });
  expect(shown([weak, item('look-belt', 'blower'), item('look-filter', 'filter')])).toEqual([
    ['look-belt', 'look-air'],
    ['look-filter'],
  ]);
  expect(oneACause([weak])).toEqual([{ ...weak, isSymptom: true, minutes: 0, money: 0 }]);
  expect(shown([weak, item('look-filter', 'filter', { outcome: 'dealtWith' })])).toEqual([
    ['look-air'],
    ['look-filter'],
  ]);
});

test('what stops the visit stands by itself', () => {
  const none = item('look-air', 'power', { isStop: true });
  expect(shown([none, item('look-belt', 'blower')])).toEqual([['look-air'], ['look-belt']]);
});

test('what was settled otherwise than its cause stands by itself', () => {
  const list = [item('look-filter', 'filter'), item('look-light', 'filter', { outcome: 'declined' })];
  expect(shown(list)).toEqual([['look-filter'], ['look-light']]);
});

test('a cause takes its own reading beneath it, and its remedy stands', () => {
  const list = [
    item('check-windings', 'blower', { minutes: 4 }),
    item('cause-windings', 'blower', { minutes: 90, toDo: 'New motor' }),
  ];
  expect(shown(list)).toEqual([['cause-windings', 'check-windings']]);
  expect(oneACause(list)[0]).toMatchObject({ toDo: 'New motor', minutes: 90 });
});
