import type { DrillDto } from '@huff/contract';
import { DRILL_PLANS, NAMED_DRILLS, readCode } from '@huff/core/practice';
import { demoId } from './ids';

const DAY_MS = 86_400_000;

/** Drills of the demo: how many days ago, who, which named drill, whether the cause was found, minutes over the best, hints, cautions passed over. */
const DONE: readonly (readonly [
  daysAgo: number,
  person: string,
  drill: string,
  isHit: boolean,
  over: number,
  hints: number,
  cautions: number,
])[] = [
  [9, 'Wren', 'firstLook', true, 4, 1, 0],
  [8, 'Wren', 'smallReturn', false, 12, 2, 0],
  [7, 'Wren', 'smallReturn', true, 6, 0, 0],
  [5, 'Wren', 'tooSlow', true, 9, 0, 1],
  [3, 'Wren', 'shortOfCharge', false, 20, 1, 0],
  [3, 'Rowan', 'smallReturn', true, 2, 0, 0],
  [3, 'Tamsin', 'smallReturn', true, 0, 0, 0],
  [2, 'Wren', 'doorSwitch', true, 5, 0, 0],
];
/** Minutes of the best path of each, rounded: the debrief computes it anew. */
const BEST: Readonly<Record<string, number>> = {
  firstLook: 9,
  smallReturn: 23,
  tooSlow: 13,
  shortOfCharge: 33,
  doorSwitch: 6,
};

/** How practice drills went before `now`. */
export const demoDrills = (now: Date): DrillDto[] =>
  DONE.map(([daysAgo, person, drill, isHit, over, hints, cautions], i) => {
    const { code } = NAMED_DRILLS.find(({ id }) => id === drill)!;
    const read = readCode(code);
    const skills = read.ok ? DRILL_PLANS[read.coded.kind].skills.filter((skill) => skill !== 'safety') : [];
    const bestMinutes = BEST[drill]!;
    return {
      id: demoId('drill', i + 1),
      code,
      person,
      doneAt: new Date(now.getTime() - daysAgo * DAY_MS).toISOString(),
      isExam: false,
      isHit,
      isStopped: false,
      minutes: bestMinutes + over,
      bestMinutes,
      cost: 0,
      hints,
      cautions,
      hits: [...(isHit ? skills : []), ...(cautions === 0 ? (['safety'] as const) : [])],
      misses: [...(isHit ? [] : skills), ...(cautions > 0 ? (['safety'] as const) : [])],
    };
  });
