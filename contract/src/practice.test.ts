import {
  caseCode,
  debrief,
  DRILL_KINDS,
  drawCase,
  LEVELS,
  NAMED_DRILLS,
  newCase,
  rated,
  readCode,
  type Act,
  type TimedAct,
} from '@huff/core/practice';
import { check } from './check';
import { writeDrillsCsv } from './csv';
import { DrillDto } from './drill';
import { caseRequest, caseVisit } from './practice';
import { VisitDto } from './visit';

const ID = '11110000-0000-4000-8000-000000000001';
const NOW = new Date('2031-05-12T10:00:00Z');
const named = (id: string) => {
  const read = readCode(NAMED_DRILLS.find((one) => one.id === id)!.code);
  if (!read.ok) throw new Error(read.why);
  return drawCase(read.coded);
};
const timed = (...acts: Act[]): TimedAct[] => acts.map((act, i) => ({ ...act, atS: 10 * i }));

describe('the unit of a case', () => {
  test.each(DRILL_KINDS.flatMap((kind) => LEVELS.map((level) => ({ kind, level }))))(
    '$kind level $level is a visit like any other, and can be explained',
    ({ kind, level }) => {
      for (const seed of [3, 77, 4_001]) {
        const practice = drawCase({ kind, level, difficulty: 1, seed });
        let n = 0;
        const visit = caseVisit(practice, NOW, () => `${ID.slice(0, -3)}${String((n += 1)).padStart(3, '0')}`);
        expect(check(VisitDto, JSON.parse(JSON.stringify(visit)))).toMatchObject({ ok: true });
        const { system, evidence } = caseRequest(practice);
        expect(system.layout).toBe(practice.layout);
        expect(system.fan.table).toBeDefined();
        expect(evidence).toEqual([]);
      }
    },
  );
  test('the filter that can be seen is solved by the search, and rated', () => {
    const practice = named('firstLook');
    expect(rated(practice, caseRequest(practice))).toBe(practice.difficulty);
  });
  test('a fault that changes nothing is no case', () => {
    const practice = named('firstLook');
    const speed = { cause: 'wrongTap', severity: 0.45, isOpposite: true };
    const fastest = practice.blower.table.taps.at(-1)!.tap;
    const request = caseRequest({ ...practice, blower: { ...practice.blower, tap: fastest } });
    expect(rated({ ...practice, faults: [speed] }, request)).toBeUndefined();
  });
  test('a dead blower needs no search: its case is drawn at once', () => {
    const coded = newCase('blowerWontRun', 2, 99, () => {
      throw new Error('not asked');
    });
    expect(readCode(caseCode(coded))).toMatchObject({ ok: true, coded: { kind: 'blowerWontRun', level: 2, seed: 99 } });
  });
});

describe('a debrief', () => {
  const look = named('firstLook');
  const request = caseRequest(look);
  const seen: Act[] = [
    { kind: 'panel', panel: 'filterDoor', isOpen: true },
    { kind: 'look', item: 'filter', said: 'loaded' },
    { kind: 'panel', panel: 'filterDoor', isOpen: false },
  ];
  test('found, fixed and proven: the truth, the path beside the best one, and nothing to do differently', () => {
    const went = debrief(
      look,
      request,
      timed(
        ...seen,
        { kind: 'answer', causes: ['filterLoaded'] },
        { kind: 'work', moves: [{ id: 'newFilter', inputs: {} }], repairs: [], predictedCfm: 1150 },
      ),
    );
    expect(went).toMatchObject({
      isHit: true,
      truth: ['Loaded filter'],
      named: ['Loaded filter'],
      skipped: [],
      hints: 0,
    });
    expect(went.steps.map(({ id }) => id)).toEqual(['look filter']);
    expect(went.steps[0]!.truthShare).toBeGreaterThan(0.5);
    expect(went.best.length).toBeGreaterThan(1);
    expect(went.fix).toMatchObject({ predictedCfm: 1150 });
    expect(went.cost).toBeGreaterThan(0);
    expect(went.skills).toMatchObject({ air: 'hit', safety: 'hit' });
  });
  test('a wrong name, a filter left out and a panel left off are told, with what should have been read', () => {
    const went = debrief(
      look,
      request,
      timed(
        { kind: 'panel', panel: 'filterDoor', isOpen: true },
        { kind: 'filter', isIn: false },
        { kind: 'read', what: 'R2', minutes: 1 },
        { kind: 'answer', causes: ['wheelCaked'] },
      ),
    );
    expect(went.isHit).toBe(false);
    expect(went.skipped).toHaveLength(3);
    expect(went.differently).toMatch(/^Take this before you decide: /);
    expect(went.skills).toMatchObject({ places: 'miss', air: 'miss' });
  });
  test('a static read with the hose on the wrong fitting is told; read again with it right, it is not', () => {
    const slipped = { ...look, hoseSlip: 'wrongPort' } as const;
    const read = { kind: 'read', what: 'R2', minutes: 1 } as const;
    const answer = { kind: 'answer', causes: ['filterLoaded'] } as const;
    const went = debrief(slipped, request, timed(read, answer));
    expect(went.skipped).toEqual(['Static was recorded with the hose off, or on the wrong fitting.']);
    expect(went.skills).toMatchObject({ places: 'miss' });
    const again = debrief(slipped, request, timed(read, { kind: 'hoses' }, read, answer));
    expect(again.skipped).toEqual([]);
    expect(again.skills).toMatchObject({ places: 'hit' });
  });
  test('right, but a guess, is called one', () => {
    const went = debrief(
      look,
      request,
      timed({ kind: 'read', what: 'S1', minutes: 1 }, { kind: 'answer', causes: ['filterLoaded'] }),
    );
    expect(went.isHit).toBe(true);
    expect(went.differently).toMatch(/^It was a guess: \d+ % likely/);
  });
  test('a dead blower: the way along the power, and a drill that was stopped', () => {
    const dead = named('doorSwitch');
    const asked = caseRequest(dead);
    const found = debrief(
      dead,
      asked,
      timed(
        { kind: 'meter', point: 'lineVolts' },
        { kind: 'power', isOn: false },
        { kind: 'lock', isOn: true },
        { kind: 'verifyDead' },
        { kind: 'meter', point: 'doorSwitch' },
        { kind: 'answer', causes: ['doorSwitch'] },
        { kind: 'work', moves: [], repairs: ['doorSwitch'] },
      ),
    );
    expect(found).toMatchObject({ isHit: true, truth: ['Door switch'], fix: { isOnTarget: true } });
    expect(found.steps.map(({ id }) => id)).toEqual(['lineVolts', 'doorSwitch']);
    const stopped = debrief(
      dead,
      asked,
      timed({ kind: 'meter', point: 'doorSwitch' }, { kind: 'answer', causes: ['doorSwitch'] }),
    );
    expect(stopped).toMatchObject({ isHit: false, skills: { safety: 'miss' } });
    expect(stopped.stop).toMatch(/power was on/);
    expect(stopped.differently).toBe('Lock out and verify dead before hands go in.');
  });
  test('nothing done at all is an honest answer', () => {
    const went = debrief(named('lostLeg'), caseRequest(named('lostLeg')), []);
    expect(went).toMatchObject({ isHit: false, steps: [], minutes: 0, toldMost: [] });
    expect(went.fix).toBeUndefined();
  });
});

describe('a drill as it is kept', () => {
  const drill = {
    id: ID,
    code: '0200-KH2Q',
    person: '=Wren',
    doneAt: NOW.toISOString(),
    isExam: false,
    isHit: true,
    isOnTarget: null,
    isStopped: false,
    minutes: 22,
    bestMinutes: 19,
    cost: 18,
    hints: 1,
    cautions: 0,
    hits: ['air', 'safety'],
    misses: ['places'],
  };
  test('is accepted unchanged', () => {
    expect(check(DrillDto, drill)).toMatchObject({ ok: true });
    expect(check(DrillDto, { ...drill, person: null, isOnTarget: undefined })).toMatchObject({ ok: true });
  });
  test.each([
    ['code', '0200-KH2R'],
    ['code', '0200kh2q'],
    ['code', 7],
    ['hits', ['juggling']],
    ['hits', 'air'],
    ['misses', Array.from({ length: 9 }, () => 'air')],
    ['minutes', -1],
    ['hints', 1.5],
    ['isHit', 'yes'],
    ['doneAt', 'yesterday'],
  ])('%s %j is refused in a sentence', (field, value) => {
    const checked = check(DrillDto, { ...drill, [field]: value });
    expect(checked.ok).toBe(false);
    if (!checked.ok) expect(checked.errors[0]!.message).toMatch(/\.$/);
  });
  test('goes out as CSV, the newest first, with a column for each skill and nothing a spreadsheet would run', () => {
    const older = { ...drill, doneAt: '2030-01-01T00:00:00.000Z', isStopped: true } as DrillDto;
    const [head, first, second] = writeDrillsCsv([older, drill as DrillDto]).split('\r\n');
    expect(head).toMatch(/^done,person,case,level,exam,.*,places,air,/);
    expect(first).toMatch(/^2031-05-12T10:00:00.000Z,"?'=Wren"?,0200-KH2Q,1,no,yes,,no,22,19,18,1,0,miss,hit,/);
    expect(second).toMatch(/^2030-01-01T00:00:00.000Z,.*,yes,22,/);
  });
});
