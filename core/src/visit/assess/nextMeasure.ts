import { SETTLING_MINUTES, type Cause, type SettlingReading } from '../../fix/causes';
import type { FanDoubt } from './fanDoubt';
import type { FlowEstimate, ReconciledFlow, FlowMethodId } from '../../air/flow';
import { isTooUnsure, type Judgement, type UnitFacts } from '../../judge/verdicts';
import type { Verdict, VerdictWord } from '../../base/verdict';
import { nextReading, type PressureReading } from '../../air/readings';
import type { Stop } from '../../call/stop';
import { boundaryPorts, layoutOf, type PortId } from '../../air/system';
import { FILTER_TELLS } from './filterTells';
import type { Question } from './openQuestion';
import type { FilterRetest } from './filterRetest';

/** What to do next. */
export type NextMeasure = {
  readonly words: string;
  /** One sentence: what it would tell. */
  readonly why: string;
  readonly minutes: number;
} & (
  | {
      readonly kind: 'stop' | 'question' | 'look' | 'drop' | 'airflow' | 'motor' | 'rpm' | 'gauges' | 'electrical';
    }
  | { readonly kind: 'port'; readonly port: PortId; readonly filterOut: boolean }
  | { readonly kind: 'method'; readonly method: FlowMethodId }
);

/** What the choice of the next reading may know of a visit. */
export interface Standing {
  readonly unit: UnitFacts;
  readonly mode: 'cooling' | 'heating';
  readonly counted: ReadonlyMap<PortId, PressureReading>;
  readonly filterOutRead: ReadonlySet<PortId>;
  readonly judgement: Judgement;
  readonly estimates: readonly FlowEstimate[];
  readonly flow?: ReconciledFlow;
  readonly doubt: FanDoubt;
  /** The airflow's word. */
  readonly airWord?: VerdictWord;
  /** Causes that neither a look nor a measurement has ruled out. */
  readonly open: readonly Cause[];
  readonly drop: Verdict;
  /** It was read before the coil was steady. */
  readonly dropTooEarly: boolean;
  /** Return air at the unit is not the room's. */
  readonly leaks: boolean;
  /** The room's air was read beside the return's. */
  readonly roomRead: boolean;
  readonly retest?: FilterRetest;
  readonly stop?: Stop;
  /** The question that holds the verdict. */
  readonly question?: Question;
  readonly looked: number;
  /** The motor's amps were read; its plate is known. */
  readonly ampsRead: boolean;
  readonly plateKnown: boolean;
  readonly rpmRead: boolean;
  readonly driveKnown: boolean;
}

interface Candidate {
  /** How much it would tell, 1 to 10. */
  readonly tells: number;
  readonly next: NextMeasure;
}

/** (J) Minutes a second method of airflow really takes. */
const METHOD_MINUTES: Readonly<Record<FlowMethodId, number>> = {
  requestedFlow: 2,
  electricHeat: 8,
  gasHeat: 12,
  traverse: 20,
  flowPlate: 10,
  registers: 20,
  coolingDrop: 4,
};

/** Before a meter goes to a motor that runs. */
const LIVE = 'Live parts: use a rated meter, keep hands out of the blower.';

const boundaryRead = (s: Standing) => boundaryPorts(layoutOf(s.unit)).every((port) => s.counted.has(port));

function portCandidate(s: Standing, boundary: boolean, tells: number): Candidate[] {
  const next = nextReading(layoutOf(s.unit), [...s.counted.values()]);
  if (!next || boundaryPorts(layoutOf(s.unit)).includes(next.port) !== boundary) return [];
  return [
    {
      tells,
      next: {
        kind: 'port',
        port: next.port,
        filterOut: false,
        minutes: SETTLING_MINUTES.port,
        words: `Next: measure ${next.port}`,
        why: `${next.port}: ${next.why}`,
      },
    },
  ];
}

function retestCandidate(s: Standing): Candidate[] {
  const inSeries = s.unit.filterPlace === 'both';
  if (!boundaryRead(s) || s.retest || (s.judgement.tesp.word !== 'outside' && !inSeries)) return [];
  const layout = layoutOf(s.unit);
  if (!layout.stages.some((stage) => stage.kind === 'filter')) return [];
  const port = boundaryPorts(layout).find((id) => !s.filterOutRead.has(id));
  if (!port) return [];
  return [
    {
      tells: 9,
      next: {
        kind: 'port',
        port,
        filterOut: true,
        minutes: SETTLING_MINUTES.filterOut,
        words: inSeries
          ? `Next: pull the filter at the unit, measure ${port}`
          : `Next: pull the filter, measure ${port}`,
        why: inSeries ? 'Two filters in series: pull the one at the unit to see which uses the static.' : FILTER_TELLS,
      },
    },
  ];
}

/** The cheapest method that fits the unit and can disagree with the book. */
function secondMethod(s: Standing): { readonly tells: number; readonly next: NextMeasure } {
  const asMethod = (method: FlowMethodId, words: string, why: string) => ({
    tells: 9,
    next: { kind: 'method' as const, method, minutes: METHOD_MINUTES[method], words: `Next: ${words}`, why },
  });
  const tells = 'A second airflow independent of the blower table. Two that agree are rarely both wrong.';
  if (s.unit.motor === 'constantAirflow')
    return asMethod(
      'requestedFlow',
      'count the flashes',
      'The motor shows its requested airflow. Compared with the switch table, it shows any cut.',
    );
  if (s.unit.motor === 'beltDrive' && s.unit.table?.byRpm && !s.ampsRead && s.plateKnown)
    return {
      tells: 9,
      next: {
        kind: 'motor',
        minutes: SETTLING_MINUTES.amps,
        words: 'Next: amps of the motor',
        why: `${LIVE} Amps give horsepower, and the table gives airflow for it. The quickest second method on a belt drive.`,
      },
    };
  if (s.mode === 'heating' && s.unit.layout === 'furnaceCasedCoil')
    return asMethod('gasHeat', 'clock the gas meter', tells);
  if (s.mode === 'heating' && s.unit.layout === 'airHandler')
    return asMethod('electricHeat', 'take the heat rise', tells);
  if (s.unit.layout === 'airHandler' || s.unit.layout === 'furnaceCasedCoil')
    return asMethod('flowPlate', 'flow plate in the filter slot', tells);
  return asMethod('traverse', 'traverse the duct', tells);
}

/** How a cause is looked for, as a next thing to do; undefined when other candidates cover it. */
function settling(reading: SettlingReading, cause: Cause, s: Standing): NextMeasure | undefined {
  const minutes = SETTLING_MINUTES[reading];
  const why = `Confirms or rules out ${cause.name}: ${cause.settledBy.tells}`;
  switch (reading) {
    case 'rpm':
      return s.driveKnown && !s.rpmRead
        ? { kind: 'rpm', minutes, words: 'Next: RPM at the blower', why: `Hands and sleeves clear of the belt. ${why}` }
        : undefined;
    case 'amps':
      return s.ampsRead
        ? undefined
        : { kind: 'motor', minutes, words: 'Next: amps of the motor', why: `${LIVE} ${why}` };
    case 'microfarads':
      return {
        kind: 'look',
        minutes,
        words: 'Next: µF of the run capacitor',
        why: `Shut off power and discharge it first. ${why}`,
      };
    case 'volts':
      return { kind: 'motor', minutes, words: 'Next: volts at the motor, running', why: `${LIVE} ${why}` };
    case 'innerStatic':
      return { kind: 'look', minutes, words: 'Next: inspect the coil faces', why };
    default:
      return undefined;
  }
}

/** (J) Minutes to open the blower's door with the power off, look, and close it. */
const BLOWER_LOOK_MINUTES = 3;

/** What of a slow fan is seen with the blower's door open: the wheel, the live lead, the way it turns. */
function lookIn(causes: readonly Cause[]): NextMeasure {
  const names = causes.map((cause) => cause.name).join(', ');
  return {
    kind: 'look',
    minutes: BLOWER_LOOK_MINUTES,
    words: 'Next: inspect the blower',
    why: `Shut off power first. Confirms or rules out ${names}: a slow fan can read like a fast one.`,
  };
}

/** Of the open causes of a slow fan, what would part them: each reading by the odds of the causes it settles. */
function slowFanCandidates(s: Standing): Candidate[] {
  const { share, seen, open } = s.doubt;
  if (share === 0 || seen.length > 0) return [];
  const priorOf = (causes: readonly Cause[]) => causes.reduce((sum, cause) => sum + cause.prior, 0);
  const all = priorOf(open);
  const isLook = ({ settledBy: { reading } }: Cause) =>
    reading === 'look' || (reading === 'amps' && s.unit.motor !== 'beltDrive');
  const looks = open.filter(isLook);
  const groups = new Map<string, { next: NextMeasure; causes: Cause[] }>();
  if (looks.length > 0) groups.set('look', { next: lookIn(looks), causes: looks });
  for (const cause of open.filter((one) => !isLook(one))) {
    const { reading } = cause.settledBy;
    const next = settling(reading, cause, s);
    if (!next) continue;
    const group = groups.get(reading);
    if (group) group.causes.push(cause);
    else groups.set(reading, { next, causes: [cause] });
  }
  // The doubt's size says how much there is to win: it stands between the book and any word.
  const most = 25 * Math.min(1, 2 * share + 0.3);
  return [...groups.values()].map(({ next, causes }) => ({ next, tells: (most * priorOf(causes)) / Math.max(1, all) }));
}

function candidates(s: Standing): Candidate[] {
  const found: Candidate[] = [...portCandidate(s, true, 10), ...retestCandidate(s), ...slowFanCandidates(s)];
  if (s.looked === 0)
    found.push({
      tells: 8,
      next: {
        kind: 'look',
        minutes: SETTLING_MINUTES.look,
        words: 'Next: inspect the unit',
        why: 'A dirty filter, slack belt or ice explains readings before you measure.',
      },
    });
  if (boundaryRead(s)) found.push(...portCandidate(s, false, 2.5));
  const { flow, judgement } = s;
  if (s.drop.value === undefined && s.mode === 'cooling' && s.unit.layout !== 'makeUpAir' && flow && !flow.usualOnly)
    found.push({
      tells: 8,
      next: {
        kind: 'drop',
        minutes: 4,
        words: 'Next: measure the temperature drop',
        why: 'Airflow shows what the coil gets; ΔT shows what it does with it.',
      },
    });
  const small = s.drop.word === 'outside' && s.drop.value !== undefined && s.drop.value < (s.drop.limit?.low ?? 0);
  const leak = s.open.find((cause) => cause.id === 'returnLeak');
  if (small && leak && !s.roomRead)
    found.push({
      tells: 6,
      next: {
        kind: 'drop',
        minutes: SETTLING_MINUTES.returnAgainstRoom,
        words: 'Next: compare return air with the room',
        why: `Confirms or rules out ${leak.name}: ${leak.settledBy.tells}`,
      },
    });
  if (s.dropTooEarly)
    found.push({
      tells: 6,
      next: {
        kind: 'drop',
        minutes: 10,
        words: 'Next: measure temperatures again',
        why: 'They were measured before the coil was steady. Wait until 10 to 15 min after the start.',
      },
    });
  const proven = s.airWord === 'inside' || s.airWord === 'atTheEdge';
  if (small && proven && s.roomRead && !s.leaks)
    found.push({
      tells: 20,
      next: {
        kind: 'gauges',
        minutes: 10,
        words: 'Next: connect gauges',
        why: 'Airflow is in range and the return does not leak: a small ΔT points to the refrigerant side.',
      },
    });
  if (flow?.disagreement)
    found.push({
      tells: 2.25,
      next: { kind: 'airflow', minutes: 1, words: 'Next: confirm the airflow', why: flow.disagreement.sentence },
    });
  const unsure =
    flow && judgement.target ? isTooUnsure(flow, judgement.target) || s.doubt.seen.length > 0 : flow === undefined;
  if (boundaryRead(s) && !flow?.measured) {
    const second = secondMethod(s);
    found.push(unsure ? second : { tells: 4, next: second.next });
  }
  return found;
}

/**
 * The one thing that would tell most for the least work, always with the reason: what it would part, per minute that it really takes.
 *
 * @returns undefined when nothing is missing
 */
export function nextMeasure(s: Standing): NextMeasure | undefined {
  if (s.stop) return { kind: 'stop', minutes: 0, words: `Stop: ${s.stop.name}`, why: `${s.stop.why} ${s.stop.first}` };
  if (s.question)
    return { kind: 'question', minutes: 1, words: 'Next: answer the open question', why: s.question.sentence };
  let best: { next: NextMeasure; worth: number } | undefined;
  for (const { tells, next } of candidates(s)) {
    const worth = tells / Math.max(1, next.minutes);
    if (!best || worth > best.worth) best = { next, worth };
  }
  return best?.next;
}

/** What would settle an unsure airflow, in one sentence: the cheaper of parting the causes and a second method. */
export function whatWouldSettle(s: Standing): string | undefined {
  const parting = slowFanCandidates(s).sort((a, b) => b.tells / b.next.minutes - a.tells / a.next.minutes)[0];
  const { next } = parting ?? secondMethod(s);
  return `${next.words.replace(/^Next: /, '').replace(/^./, (c) => c.toUpperCase())} would resolve it, about ${next.minutes} min.`;
}
