/** Volts that elements and kits are named at. */
export const NAMED_AT_VOLTS = 240;
/** Heat kits that are sold, kW at 240 V. */
const HEAT_KITS_KW = [3, 5, 7.5, 8, 10, 12.5, 15, 20, 25, 30] as const;
/** Breakers, A. @source standard ampere ratings of the electrical codes, up to 100 */
const BREAKERS_A = [15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100] as const;

/**
 * Power of an element at other volts, W: its resistance stays, so power goes with the square.
 *
 * @param namedWatts W at 240 V @param volts measured
 * @example elementWatts(5000, 208) // 3,756
 */
export const elementWatts = (namedWatts: number, volts: number): number => namedWatts * (volts / NAMED_AT_VOLTS) ** 2;

/** One circuit of a heater as it was read. */
export interface HeatCircuit {
  readonly volts: number;
  readonly amps: number;
}

/**
 * What a heater draws, and which kit it is: its power brought to 240 V, named to the next kit.
 *
 * @returns W as it runs, kW at 240 V, the kit, and how many elements of a named size that is
 * @example heatKit([{ volts: 208, amps: 18.1 }]) // 3,765 W, 5.0 kW at 240 V, kit 5
 */
export function heatKit(circuits: readonly HeatCircuit[]): {
  readonly watts: number;
  readonly namedKw: number;
  readonly kitKw: number;
} {
  const watts = circuits.reduce((sum, { volts, amps }) => sum + volts * amps, 0);
  const namedKw =
    circuits.reduce((sum, { volts, amps }) => sum + (volts * amps) / (volts / NAMED_AT_VOLTS) ** 2, 0) / 1000;
  const kitKw = HEAT_KITS_KW.reduce<number>(
    (best, kit) => (Math.abs(kit - namedKw) < Math.abs(best - namedKw) ? kit : best),
    HEAT_KITS_KW[0],
  );
  return { watts, namedKw, kitKw };
}

/**
 * Least breaker of a heater with its blower, A: 125 % of both, the next standard size.
 *
 * @returns A, or undefined over 100 A: more than one circuit
 * @source continuous loads of the electrical codes; local code and a licensed electrician decide
 * @example breakerAmps(20.8, 4) // 35
 */
export const breakerAmps = (heaterAmps: number, blowerAmps: number): number | undefined =>
  BREAKERS_A.find((size) => size >= 1.25 * (heaterAmps + blowerAmps) - 1e-9);

/** A touch while the heat runs: what came on or went off, and when. */
export interface HeatTouch {
  readonly what: 'element' | 'blower';
  readonly on: boolean;
  readonly atMs: number;
}

export interface HeatSequence {
  readonly word: 'inside' | 'atTheEdge' | 'outside' | 'cantSay';
  readonly sentence: string;
  /** A stop: elements without air. */
  readonly isStop?: true;
}

/** How long the blower may follow the first element, s (J): board delays are shorter. */
const BLOWER_LATE_S = 10;

/** Touches further apart than this belong to two runs, ms (J). */
const ANOTHER_RUN_MS = 15 * 60_000;

/**
 * The touches of the last run: it begins where all that was on is off again, or after a quarter of an hour. A wrong run
 * is not mixed with the one after the repair.
 *
 * @example lastRun([element on, element off, blower on, element on]) // the last two
 */
export function lastRun(touches: readonly HeatTouch[]): readonly HeatTouch[] {
  const inOrder = [...touches].sort((a, b) => a.atMs - b.atMs);
  let run: HeatTouch[] = [];
  let elementsOn = 0;
  let isBlowerOn = false;
  for (const touch of inOrder) {
    const last = run.at(-1);
    const isOver = elementsOn === 0 && !isBlowerOn;
    if (last && touch.on && (isOver || touch.atMs - last.atMs > ANOTHER_RUN_MS)) {
      run = [];
      elementsOn = 0;
      isBlowerOn = false;
    }
    run.push(touch);
    if (touch.what === 'blower') isBlowerOn = touch.on;
    else elementsOn = Math.max(0, elementsOn + (touch.on ? 1 : -1));
  }
  return run;
}

/**
 * Judges the order in which elements and blower came on and went off: the blower starts with or before the first element and stops last.
 *
 * @param touches in any order
 * @example heatSequence([{ what: 'element', on: true, atMs: 0 }]).isStop // true
 */
export function heatSequence(touches: readonly HeatTouch[]): HeatSequence {
  const inOrder = [...touches].sort((a, b) => a.atMs - b.atMs);
  const find = (what: HeatTouch['what'], on: boolean, last = false) => {
    const all = inOrder.filter((touch) => touch.what === what && touch.on === on);
    return last ? all.at(-1) : all[0];
  };
  const [element, blower] = [find('element', true), find('blower', true)];
  if (!element) return { word: 'cantSay', sentence: 'Touch each element and the blower the moment it turns on.' };
  const seconds = (ms: number) => `${Math.round(Math.abs(ms) / 1000)} s`;
  if (!blower)
    return {
      word: 'outside',
      isStop: true,
      sentence: 'An element is on without the blower. Shut heat off now: it is a fire risk.',
    };
  const lateMs = blower.atMs - element.atMs;
  const [elementOff, blowerOff] = [find('element', false, true), find('blower', false, true)];
  if (blowerOff && (!elementOff || blowerOff.atMs < elementOff.atMs))
    return {
      word: 'outside',
      isStop: true,
      sentence: 'The blower stopped before the last element. Shut heat off; the blower must stop last.',
    };
  if (lateMs > BLOWER_LATE_S * 1000)
    return {
      word: 'outside',
      sentence: `Blower ${seconds(lateMs)} after the first element. It must start with or before it. Check relay, sequencer and delay.`,
    };
  if (lateMs > 0)
    return { word: 'atTheEdge', sentence: `Blower ${seconds(lateMs)} after the first element: acceptable.` };
  const steps = inOrder.filter(({ what, on }) => what === 'element' && on).length;
  return {
    word: 'inside',
    sentence: `Blower first, then ${steps} element${steps === 1 ? '' : 's'} in steps${blowerOff ? ', blower last off' : ''}.`,
  };
}
