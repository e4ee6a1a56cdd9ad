import { shownWords } from '../../base/words';
import type { Check } from '../checks';
import type { VerdictWord } from '../../base/verdict';
import {
  airDoubt,
  coldWeatherFindings,
  gateOf,
  heatingLines,
  type HeatingLine,
  rankPatterns,
  readLadder,
  type GateLine,
  type Ladder,
  type PatternFacts,
  outdoorSide,
  type OutdoorLine,
  type Patterns,
} from '../refrigerant';
import type { FieldError, RawInputs } from '../../base/forms';
import { checksOf } from '../facts/outcome';
import { laddersIn, laddersOf } from './callFacts';
import type { CallFacts } from './callInput';

/** Before and after of a washed outdoor coil. */
interface WashedCoil {
  readonly beforeF?: number;
  readonly afterF?: number;
  readonly word: VerdictWord;
  readonly sentence: string;
}

/** A circuit of the refrigerant side, judged. */
export interface Circuit {
  readonly id: string;
  readonly ladder?: Ladder;
  readonly errors: readonly FieldError[];
  readonly gate: readonly GateLine[];
  readonly isOpen: boolean;
  /** Why what is said of the charge is unsure, in a sentence. */
  readonly unsure?: string;
  /** Only through the gate. */
  readonly patterns?: Patterns;
  /** What does not hang on the indoor air: said though the gate is shut. */
  readonly outdoorSide: readonly OutdoorLine[];
  /** It condenses too cold for any pattern: the outdoor air is held back first, or the charge weighed. */
  readonly tooColdToJudge: boolean;
  /** What is wrong with how the outdoor fan is held in the cold, in sentences. */
  readonly cold: readonly string[];
  /** A heat pump that heats: its own figures, and no cooling pattern. */
  readonly heating: readonly HeatingLine[];
  /** What washing the outdoor coil did; absent while it was not washed at this visit. */
  readonly washed?: WashedCoil;
}

const washedOf = (state: string | undefined): boolean | undefined =>
  state === undefined ? undefined : state === 'washed';

/** A washing that lowered the head by less than this is within what two readings differ by anyway, °F (J). */
const LEAST_FALL_F = 3;

/** What washing the outdoor coil did: condensing over ambient as last read before it, and as read since. */
function outdoorWashed(call: CallFacts, id: string): WashedCoil | undefined {
  const washedAt = checksOf(call.facts).findLast(
    ({ point, state }) => point === 'outdoorWashed' && state === 'washed',
  )?.takenAt;
  if (washedAt === undefined) return undefined;
  const over = (raw: RawInputs | undefined) => {
    const read = raw && readLadder(raw, call.altitudeFt);
    return read?.ok ? read.ladder.gaps.get('condensingOver')?.valueF : undefined;
  };
  const beforeF = over(laddersOf(call.facts, (takenAt) => takenAt <= washedAt).get(id));
  const afterF = over(laddersOf(call.facts, (takenAt) => takenAt > washedAt).get(id));
  if (beforeF === undefined)
    return {
      word: 'cantSay',
      sentence: 'Washed. The high side was not measured before, so the effect is unknown.',
    };
  if (afterF === undefined)
    return {
      beforeF,
      word: 'cantSay',
      sentence: `Washed. Condensing was ${shownWords(beforeF, 'deltaF', 0)} over ambient: measure the high side again.`,
    };
  const moved = `Condensing over ambient ${shownWords(beforeF, 'deltaF', 0)} before washing, ${shownWords(afterF, 'deltaF', 0)} after`;
  return beforeF - afterF >= LEAST_FALL_F
    ? { beforeF, afterF, word: 'inside', sentence: `${moved}: dirt was the cause.` }
    : {
        beforeF,
        afterF,
        word: 'atTheEdge',
        sentence: `${moved}: dirt was not the cause, or it is deeper in the coil.`,
      };
}

/** Lines of the gate that say nothing of the outdoor side. */
const INDOOR_LINES: ReadonlySet<GateLine['id']> = new Set(['air', 'filter', 'doors', 'coilFace', 'coil', 'return']);

const CIRCUITS = ['1', '2', '3'] as const;

/** Under this, as bubble temperature, no pattern holds, °F (J): the model's figures are those of a summer's day. */
const LEAST_CONDENSING_F = 80;

function coldOf(ladder: Ladder | undefined, fan: string | undefined): readonly string[] {
  const outdoorF = ladder?.marks.get('outdoor')?.tempF;
  if (outdoorF === undefined) return [];
  const condensingF = ladder?.marks.get('bubble')?.tempF;
  const fanCycles = fan === 'cycles' ? true : fan === 'runsOn' ? false : undefined;
  return coldWeatherFindings({ outdoorF, condensingF, fanCycles });
}

/** Both gauges as on another circuit: the hoses were hardly moved. */
function mixedUp(id: string, raw: RawInputs, ladders: ReadonlyMap<string, RawInputs>): readonly FieldError[] {
  const { suctionPsig, highPsig } = raw;
  if (suctionPsig === undefined || highPsig === undefined) return [];
  const twin = [...ladders].find(
    ([other, one]) => other !== id && one.suctionPsig === suctionPsig && one.highPsig === highPsig,
  );
  const message = `Both gauges read the same as circuit ${twin?.[0]}: were the hoses moved?`;
  return twin ? [{ field: 'suctionPsig', message }] : [];
}

/** A circuit that heats: its gaps stay as figures, and none is held against what cooling asks. */
const unjudged = (ladder: Ladder): Ladder => ({
  ...ladder,
  gaps: new Map([...ladder.gaps].map(([id, gap]) => [id, { ...gap, word: 'cantSay' as const, asked: undefined }])),
});

/** A circuit is ranked while it runs: gaps were read, none of the gauges is in question, and it is not too cold. */
const mayRank = ({ gaps, questions }: Ladder, tooCold: boolean) =>
  gaps.size > 0 && !tooCold && !questions.some(({ field }) => field === 'suctionPsig' || field === 'highPsig');

/** Charge that was moved by so much should have moved the gaps, oz; and gaps that moved less than this stayed, °F (J). */
const MOVED_OZ = 4;
const STAYED_F = 2;

/** Whether charge was weighed in or out between two readings of a circuit while superheat and subcooling stayed where they were. */
function chargeMovedNothing(call: CallFacts, id: string): boolean {
  const read = laddersIn(call.facts, id).flatMap((raw) => {
    const one = readLadder(raw, call.altitudeFt);
    return one.ok ? [one.ladder] : [];
  });
  const last = read.at(-1);
  const before = read.findLast(
    (one) => one !== last && Math.abs((one.weighedOz ?? 0) - (last?.weighedOz ?? 0)) >= MOVED_OZ,
  );
  if (!last || !before) return false;
  const moved = (['superheat', 'subcooling'] as const).map((gap) => {
    const [was, is] = [before.gaps.get(gap)?.valueF, last.gaps.get(gap)?.valueF];
    return was === undefined || is === undefined ? undefined : Math.abs(is - was);
  });
  return moved.every((one) => one !== undefined && one < STAYED_F);
}

/** Every circuit that was read, judged behind its gate. The first stands always: it is where reading begins. */
export function circuitsOf(call: CallFacts, checks: ReadonlyMap<string, Check>): Circuit[] {
  const ladders = laddersOf(call.facts);
  const ids = CIRCUITS.filter((id) => id === '1' || ladders.has(id));
  const outdoor = checks.get('outdoorWashed')?.state;
  const headHeld = checks.get('headHeld')?.state === 'held';
  const beside = (id: string, ladder: Ladder): PatternFacts => ({
    headHeld,
    drierDropF: ladder.drierDropF,
    chargeMovedNothing: chargeMovedNothing(call, id),
    outdoorClean: outdoor === 'clean' || outdoor === 'washed',
    airInBand: call.airflow === 'inside',
    airShare: call.airflow === 'cantSay' && call.airKnown ? airDoubt(call.airKnown) : undefined,
  });
  return ids.map((id) => {
    // What was typed elsewhere says nothing of a circuit by itself: no ladder is drawn of it.
    const raw = { ...call.knownOfCircuit, ...ladders.get(id) };
    const read = readLadder(raw, call.altitudeFt);
    const figure = (field: string) => (typeof raw[field] === 'number' ? raw[field] : undefined);
    const gate = gateOf({
      stop: call.stop,
      mode: call.mode,
      stage: call.stage,
      outdoorF: figure('outdoorF'),
      headHeld,
      airflow: call.airflow,
      air: call.airKnown,
      coilFace: call.looks.find(({ item }) => item === 'coilFace')?.state,
      filterIn: call.filterIn,
      doorsOn: call.doorsOn,
      ice: call.ice,
      coilWashed: washedOf(checks.get('coilWet')?.state),
      minutesRunning: figure('minutesRunning'),
      returnF: figure('returnF'),
    });
    const isOpen = gate.every((line) => line.isOpen);
    const unsure = gate.flatMap(({ isUnsure, why }) => (isUnsure && why ? [why] : []));
    // What the outdoor side shows stands though the indoor side is not ready, once the unit runs steady.
    // Ice that nobody looked for would lower the head: a high one stands. Ice that was seen stops all.
    const isIndoor = ({ id }: GateLine) => INDOOR_LINES.has(id) || (id === 'ice' && call.ice === undefined);
    const isSteady = gate.every((line) => line.isOpen || isIndoor(line));
    const ladder = read.ok ? (call.mode === 'heating' ? unjudged(read.ladder) : read.ladder) : undefined;
    const tooColdToJudge = (ladder?.marks.get('bubble')?.tempF ?? LEAST_CONDENSING_F) < LEAST_CONDENSING_F;
    return {
      id,
      ladder,
      errors: [...(read.ok ? read.ladder.questions : read.errors), ...mixedUp(id, raw, ladders)],
      gate,
      isOpen,
      unsure: isOpen && unsure.length > 0 ? `Unsure: ${unsure.join(' ')}` : undefined,
      outdoorSide: ladder && isSteady && !tooColdToJudge ? outdoorSide(ladder, headHeld) : [],
      cold: coldOf(ladder, checks.get('outdoorFan')?.state),
      tooColdToJudge,
      heating: ladder && call.mode === 'heating' && !call.stop ? heatingLines(ladder, call) : [],
      washed: outdoorWashed(call, id),
      patterns:
        isOpen && ladder && mayRank(ladder, tooColdToJudge) ? rankPatterns(ladder, beside(id, ladder)) : undefined,
    };
  });
}
