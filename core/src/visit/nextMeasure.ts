import type { FlowEstimate, ReconciledFlow } from '../flow';
import type { Judgement, UnitFacts, Verdict } from '../judge';
import type { Hold } from '../look';
import { nextReading, type PressureReading } from '../readings';
import { boundaryPorts, layoutOf, type PortId } from '../system';
import type { FlowMethodId } from '../tools';
import { FILTER_TELLS } from './filterTells';
import type { FilterRetest } from './filterRetest';

/** What to do next. */
export type NextMeasure = {
  readonly words: string;
  /** One sentence. */
  readonly why: string;
  readonly minutes: number;
} & (
  | { readonly kind: 'hold' | 'look' | 'drop' | 'airflow' }
  | { readonly kind: 'port'; readonly port: PortId; readonly filterOut: boolean }
  | { readonly kind: 'method'; readonly method: FlowMethodId }
);

/** What the rules may know of a visit. */
export interface Standing {
  readonly unit: UnitFacts;
  readonly mode: 'cooling' | 'heating';
  readonly counted: ReadonlyMap<PortId, PressureReading>;
  readonly filterOutRead: ReadonlySet<PortId>;
  readonly judgement: Judgement;
  readonly estimates: readonly FlowEstimate[];
  readonly flow?: ReconciledFlow;
  readonly drop: Verdict;
  readonly retest?: FilterRetest;
  readonly hold?: Hold;
  readonly looked: number;
}

interface Rule {
  /** How much it would tell, 1 to 10. */
  readonly tells: number;
  readonly minutes: number;
  readonly next: (s: Standing) => NextMeasure | undefined;
}

const boundaryRead = (s: Standing) => boundaryPorts(layoutOf(s.unit)).every((port) => s.counted.has(port));

function portRule(s: Standing, boundary: boolean): NextMeasure | undefined {
  const next = nextReading(layoutOf(s.unit), [...s.counted.values()]);
  if (!next || boundaryPorts(layoutOf(s.unit)).includes(next.port) !== boundary) return undefined;
  return {
    kind: 'port',
    port: next.port,
    filterOut: false,
    minutes: 1,
    words: `Next: read ${next.port}`,
    why: `${next.port}: ${next.why}`,
  };
}

function retestRule(s: Standing): NextMeasure | undefined {
  if (!boundaryRead(s) || s.judgement.tesp.word !== 'outside' || s.retest) return undefined;
  const layout = layoutOf(s.unit);
  if (!layout.stages.some((stage) => stage.kind === 'filter')) return undefined;
  const port = boundaryPorts(layout).find((id) => !s.filterOutRead.has(id));
  if (!port) return undefined;
  return {
    kind: 'port',
    port,
    filterOut: true,
    minutes: 2,
    words: `Next: filter out, read ${port}`,
    why: FILTER_TELLS,
  };
}

/** A method that fits the unit and can disagree with the table. */
function secondMethod(s: Standing): { method: FlowMethodId; words: string } {
  if (s.unit.motor === 'constantAirflow') return { method: 'requestedFlow', words: 'count the flashes' };
  if (s.mode === 'heating' && s.unit.layout === 'furnaceCasedCoil')
    return { method: 'gasHeat', words: 'clock the gas meter' };
  if (s.mode === 'heating' && s.unit.layout === 'airHandler')
    return { method: 'electricHeat', words: 'take the heat rise' };
  return { method: 'traverse', words: 'traverse the duct' };
}

/** The rules as data: what is missing, what it tells, what it costs. The best ratio of telling to minutes comes next. */
const RULES: readonly Rule[] = [
  { tells: 10, minutes: 1, next: (s) => portRule(s, true) },
  {
    tells: 8,
    minutes: 2,
    next: (s) =>
      s.looked > 0
        ? undefined
        : {
            kind: 'look',
            minutes: 2,
            words: 'Next: look it over',
            why: 'A dirty filter, a slack belt or ice explains readings before they are taken.',
          },
  },
  { tells: 6, minutes: 2, next: retestRule },
  { tells: 2.5, minutes: 1, next: (s) => (boundaryRead(s) ? portRule(s, false) : undefined) },
  {
    tells: 8,
    minutes: 4,
    next: (s) =>
      s.drop.value === undefined && s.mode === 'cooling' && s.unit.layout !== 'makeUpAir' && s.flow
        ? {
            kind: 'drop',
            minutes: 4,
            words: 'Next: read the temperature drop',
            why: 'Airflow says what the coil gets; the drop says what it does with it.',
          }
        : undefined,
  },
  {
    tells: 9,
    minutes: 4,
    next: (s) =>
      s.flow?.disagreement
        ? { kind: 'airflow', minutes: 1, words: 'Next: settle the airflow', why: s.flow.disagreement.sentence }
        : undefined,
  },
  {
    tells: 9,
    minutes: 8,
    next: (s) => {
      if (!boundaryRead(s) || s.estimates.length > 0) return undefined;
      const { method, words } = secondMethod(s);
      return {
        kind: 'method',
        method,
        minutes: 8,
        words: `Next: ${words}`,
        why: 'The table gives no airflow here: another method must.',
      };
    },
  },
  {
    tells: 4,
    minutes: 8,
    next: (s) => {
      if (s.estimates.length !== 1) return undefined;
      const { method, words } = secondMethod(s);
      if (s.estimates[0]!.id === method) return undefined;
      return {
        kind: 'method',
        method,
        minutes: 8,
        words: `Next: ${words}`,
        why: 'One method can be wrong without showing it; two that agree cannot so easily.',
      };
    },
  },
];

/**
 * The one thing that would tell most for the least work, always with the reason.
 *
 * @returns undefined when nothing is missing
 */
export function nextMeasure(s: Standing): NextMeasure | undefined {
  if (s.hold) return { kind: 'hold', minutes: 0, words: 'First: what holds', why: `${s.hold.why} ${s.hold.first}` };
  let best: { next: NextMeasure; worth: number } | undefined;
  for (const rule of RULES) {
    const next = rule.next(s);
    const worth = rule.tells / rule.minutes;
    if (next && (!best || worth > best.worth)) best = { next, worth };
  }
  return best?.next;
}
