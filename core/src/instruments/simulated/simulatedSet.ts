import { normal, seededRandom } from '../../base/numbers/random';
import { PLACES, type LiveValue, type PlaceId } from '../live';

/** A probe of the simulated set. */
export interface SimulatedProbe {
  readonly id: string;
  readonly place: PlaceId;
  /** Seconds in which it gets two thirds of the way to a new value. */
  readonly lagS: number;
  /** One σ of single values, in its unit. */
  readonly noise: number;
  /** What it is off by after ten minutes, in its unit. */
  readonly driftIn10Min: number;
}

/** The set that ships with Huff: every instrument a visit asks for. (J) Lags and noise of good field instruments. */
export const SIMULATED_PROBES: readonly SimulatedProbe[] = [
  { id: 'Manometer A', place: 'R2', lagS: 1.2, noise: 0.003, driftIn10Min: 0.002 },
  { id: 'Manometer B', place: 'S1', lagS: 1.2, noise: 0.003, driftIn10Min: 0.002 },
  { id: 'Psychrometer 1', place: 'returnDry', lagS: 8, noise: 0.08, driftIn10Min: 0.2 },
  { id: 'Psychrometer 1 wet', place: 'returnWet', lagS: 12, noise: 0.1, driftIn10Min: 0.2 },
  { id: 'Psychrometer 2', place: 'supplyDry', lagS: 8, noise: 0.08, driftIn10Min: 0.2 },
  { id: 'Room thermometer', place: 'roomDry', lagS: 8, noise: 0.08, driftIn10Min: 0.1 },
  { id: 'Outdoor thermometer', place: 'outdoorDry', lagS: 8, noise: 0.08, driftIn10Min: 0.2 },
  { id: 'Clamp meter', place: 'blowerAmps', lagS: 0.5, noise: 0.03, driftIn10Min: 0 },
  { id: 'Tachometer', place: 'blowerRpm', lagS: 0.5, noise: 2, driftIn10Min: 0 },
  { id: 'Hot wire', place: 'duct', lagS: 1, noise: 15, driftIn10Min: 5 },
  { id: 'Suction gauge', place: 'suction', lagS: 2, noise: 0.4, driftIn10Min: 0.5 },
  { id: 'High side gauge', place: 'highSide', lagS: 2, noise: 0.6, driftIn10Min: 0.5 },
  { id: 'Suction clamp', place: 'suctionLine', lagS: 10, noise: 0.1, driftIn10Min: 0.1 },
  { id: 'Liquid clamp', place: 'liquidLine', lagS: 10, noise: 0.1, driftIn10Min: 0.1 },
  { id: 'Register probe', place: 'register', lagS: 6, noise: 0.1, driftIn10Min: 0.1 },
];

/** What can go wrong with a simulated probe while it is watched. */
export type ProbeTrouble = 'none' | 'quiet' | 'hoseOff' | 'wrongPort';

/** What a place really is at this moment; undefined where the unit has nothing there. */
export type TruthAt = (place: PlaceId) => number | undefined;

/** What a probe shows before it sits anywhere: the room’s air, no pressure. */
const restOf = (place: PlaceId): number =>
  ['dryBulb', 'wetBulb', 'lineTemperature'].includes(PLACES[place].channel) ? 72 : 0;

/** Battery that a probe loses in an hour, as a share. */
const BATTERY_AN_HOUR = 0.05;

/**
 * A set of simulated instruments on a unit whose truth is known: each gets to its value with a lag, with noise and drift, its battery falls, and it
 * may go quiet, lose its hose, or sit on the wrong port. The same for the same seed and the same times.
 *
 * @param truthAt what is really so
 */
export function simulatedSet(truthAt: TruthAt, seed: number, probes: readonly SimulatedProbe[] = SIMULATED_PROBES) {
  const random = seededRandom(seed);
  const places = new Map(probes.map(({ id, place }) => [id, place]));
  const shown = new Map<string, number>();
  const troubles = new Map<string, ProbeTrouble>();
  const batteries = new Map(probes.map(({ id }) => [id, 0.35 + 0.6 * random()]));
  let lastMs: number | undefined;
  let beganMs = 0;

  /** What a probe would show at rest. */
  const meant = ({ id }: SimulatedProbe): number | undefined => {
    const place = places.get(id)!;
    const trouble = troubles.get(id);
    if (trouble === 'hoseOff' && PLACES[place].channel === 'static') return 0;
    if (trouble === 'wrongPort' && PLACES[place].channel === 'static') {
      const other = place.startsWith('R') ? 'S1' : 'R2';
      return truthAt(other);
    }
    return truthAt(place);
  };

  return {
    /** Which probe sits where. */
    places: places as ReadonlyMap<string, PlaceId>,
    move(id: string, place: PlaceId): void {
      places.set(id, place);
    },
    trouble(id: string, trouble: ProbeTrouble): void {
      troubles.set(id, trouble);
    },
    /** What all probes send at a moment; those that are quiet, or sit where nothing is, send nothing. */
    valuesAt(nowMs: number): LiveValue[] {
      if (lastMs === undefined) beganMs = nowMs;
      const passedS = lastMs === undefined ? 0 : Math.max(0, nowMs - lastMs) / 1000;
      const sinceBeginS = (nowMs - beganMs) / 1000;
      lastMs = nowMs;
      return probes.flatMap((probe): LiveValue[] => {
        const target = meant(probe);
        const stray = normal(random) * probe.noise;
        if (target === undefined || troubles.get(probe.id) === 'quiet') return [];
        const before = shown.get(probe.id);
        const value =
          before === undefined
            ? restOf(places.get(probe.id)!)
            : target + (before - target) * Math.exp(-passedS / probe.lagS);
        shown.set(probe.id, value);
        const drift = (probe.driftIn10Min * Math.min(sinceBeginS, 1800)) / 600;
        const battery = Math.max(0.03, batteries.get(probe.id)! - (BATTERY_AN_HOUR * sinceBeginS) / 3600);
        return [
          {
            probe: probe.id,
            channel: PLACES[places.get(probe.id)!].channel,
            value: value + drift + stray,
            atMs: nowMs,
            battery: Math.round(100 * battery) / 100,
          },
        ];
      });
    },
  };
}
