import type { CallLine } from '../../call/assess/triageOf';
import { outcomeOf, stepOfPoint, type PointStep } from '../../call/points';
import type { Check, CheckContext } from '../../call/checks';

import type { VerdictWord } from '../../base/verdict';
import { lookItem, type Look } from '../../judge/look';
import type { VisitAssessment } from '../../visit/assess';

/** Columns of a roof sheet, in the order in which a unit is gone through. */
export const ROOF_COLUMNS = [
  { id: 'filter', name: 'Filter' },
  { id: 'belt', name: 'Belt' },
  { id: 'wheel', name: 'Wheel' },
  { id: 'coil', name: 'Coil' },
  { id: 'static', name: 'Static' },
  { id: 'airflow', name: 'Airflow' },
  { id: 'drop', name: 'ΔT' },
  { id: 'amps', name: 'Amps' },
  { id: 'drain', name: 'Drain' },
  { id: 'heat', name: 'Heat' },
] as const;
export type RoofColumn = (typeof ROOF_COLUMNS)[number]['id'];
/** How each column stands; what was not looked at is not in it. */
export type RoofMarks = Readonly<Partial<Record<RoofColumn, VerdictWord>>>;

/** What a column is told by, beside measured verdicts. */
interface SeenBy {
  readonly looks?: readonly string[];
  readonly points?: readonly string[];
  /** Every point of this step. */
  readonly step?: PointStep;
}

export const SEEN: Readonly<Partial<Record<RoofColumn, SeenBy>>> = {
  filter: { looks: ['filter', 'light'], points: ['upkeepFilter'] },
  belt: { looks: ['belt'], points: ['belt', 'upkeepBelt'] },
  wheel: { looks: ['wheel'], points: ['wheel', 'upkeepWheel'] },
  coil: { looks: ['coilFace', 'ice'], points: ['upkeepCoil', 'outdoorWashed', 'upkeepOutdoor'] },
  amps: { points: ['ampsCooling', 'ampsHeating'] },
  drain: { looks: ['drain'], points: ['drainFlush', 'drainTrap', 'drainPitch', 'floatTipped'] },
  heat: {
    looks: ['elements'],
    points: ['upkeepExchanger', 'upkeepHeatTerminals', 'upkeepHeatAmps', 'upkeepBurner'],
    step: 'heat',
  },
};

const tells = ({ points, step }: SeenBy, point: string) =>
  points?.includes(point) === true || (step !== undefined && stepOfPoint(point) === step);

/** The worst first. */
const WORST: readonly VerdictWord[] = ['outside', 'atTheEdge', 'inside', 'cantSay'];
const worstOf = (words: readonly VerdictWord[]): VerdictWord | undefined => WORST.find((word) => words.includes(word));

const OUTCOME_WORD = { good: 'inside', edge: 'atTheEdge', bad: 'outside' } as const;

function lookWord(look: Look): VerdictWord {
  const isFound = lookItem(look.item)?.states.find(({ id }) => id === look.state)?.finding;
  return !isFound || look.outcome === 'dealtWith' ? 'inside' : 'outside';
}

/** What the marks of a unit's row are told by. */
export interface RoofFacts {
  readonly assessment: Pick<VisitAssessment, 'judgement' | 'airflow' | 'drop' | 'rise' | 'looks'>;
  readonly checks: ReadonlyMap<string, Check>;
  readonly context: CheckContext;
  readonly amps: readonly CallLine[];
  /** Ids of findings that were fixed at this visit. */
  readonly fixed: ReadonlySet<string>;
}

/**
 * How each check of a roof sheet stands after a visit: the worst of what was seen, tried and measured for it; what was fixed is inside.
 *
 * @example marksOf(facts).static // 'outside', the verdict of the external static
 */
export function marksOf({ assessment, checks, context, amps, fixed }: RoofFacts): RoofMarks {
  const { judgement, airflow, drop, rise, looks } = assessment;
  const filter = judgement.sections.find(({ stages }) => stages.length === 1 && stages[0] === 'filter');
  const measured: Readonly<Partial<Record<RoofColumn, readonly VerdictWord[]>>> = {
    filter: filter ? [filter.verdict.word] : [],
    static: [judgement.tesp.word],
    airflow: [airflow.word],
    drop: [drop.word, ...(rise ? [rise.word] : [])],
    amps: amps.map(({ word }) => word),
  };
  const marks: Partial<Record<RoofColumn, VerdictWord>> = {};
  for (const { id } of ROOF_COLUMNS) {
    const seen = SEEN[id];
    const words: VerdictWord[] = [...(measured[id] ?? [])];
    for (const [item, look] of looks) if (seen?.looks?.includes(item)) words.push(lookWord(look));
    for (const [point, check] of checks) {
      if (!seen || !tells(seen, point)) continue;
      const outcome = outcomeOf(check, context);
      if (outcome) words.push(fixed.has(`check-${point}`) ? 'inside' : OUTCOME_WORD[outcome]);
    }
    const worst = worstOf(words.filter((word) => word !== 'cantSay'));
    if (worst) marks[id] = worst;
  }
  return marks;
}
