import type { Check } from '../checks';
import type { VerdictWord } from '../../base/verdict';
import { breakerAmps, heatKit, NAMED_AT_VOLTS } from './electric';

/** Circuits of a heater that can be read. */
export const KIT_CIRCUITS = [1, 2, 3] as const;

/** A heater as it was read, circuit by circuit. */
export interface KitReading {
  readonly watts: number;
  /** What it would be at 240 V, and the kit of that name. */
  readonly namedKw: number;
  readonly kitKw: number;
  /** Of the largest circuit with the blower on it; undefined over 100 A. */
  readonly leastBreakerA?: number;
  readonly lines: readonly { readonly id: string; readonly word: VerdictWord; readonly sentence: string }[];
}

/** A heater gives so little less than its plate before an element is missing. An element of three is a third, one of six a sixth (J). */
const MISSING_SHARE = 0.12;
/** What else draws on the heater's breaker, A; or why that is not known, in a sentence. */
function otherAmps(checks: ReadonlyMap<string, Check>): number | { readonly ask: string } {
  const blower = checks.get('kitBlowerAmps')?.value;
  const sharing = checks.get('kitSharing')?.state;
  if (sharing === 'other')
    return { ask: 'Something else is on this circuit. A licensed electrician sizes its breaker.' };
  if (blower !== undefined) return blower;
  if (sharing === 'alone') return 0;
  return sharing === 'blower'
    ? { ask: 'The blower is on this breaker. Measure its amps to judge the breaker.' }
    : { ask: 'Enter what else is on this circuit to judge its breaker: nothing, the blower, or something else.' };
}

const kw = (value: number) => value.toFixed(1);

function plateLine(plateKw: number | undefined, namedKw: number): KitReading['lines'] {
  if (plateKw === undefined) return [];
  const off = namedKw / plateKw - 1;
  if (Math.abs(off) <= MISSING_SHARE)
    return [
      {
        id: 'plate',
        word: 'inside',
        sentence: `${kw(namedKw)} kW at 240 V, ${kw(plateKw)} on the nameplate: all of it heats.`,
      },
    ];
  const sentence =
    off < 0
      ? `${kw(namedKw)} kW at 240 V of ${kw(plateKw)} on the nameplate: an element, its link or its sequencer is out.`
      : `${kw(namedKw)} kW at 240 V, over the ${kw(plateKw)} on the nameplate: a different kit, or amps of two circuits together.`;
  return [{ id: 'plate', word: 'outside', sentence }];
}

function breakerLine(fittedA: number | undefined, leastA: number | undefined, mostA: number): KitReading['lines'] {
  if (leastA === undefined)
    return [
      {
        id: 'breaker',
        word: 'outside',
        sentence: `${mostA} A with the blower at 125 %: over 100 A. It needs more than one circuit; call a licensed electrician.`,
      },
    ];
  if (fittedA === undefined) return [];
  if (fittedA === leastA)
    return [{ id: 'breaker', word: 'inside', sentence: `Breaker ${fittedA} A: right for 125 %.` }];
  const sentence =
    fittedA > leastA
      ? `Breaker ${fittedA} A, larger than the ${leastA} A needed for 125 %. Have a licensed electrician check it with its wire.`
      : `Breaker ${fittedA} A, under the ${leastA} A needed for 125 %: it will trip, or the wire is too small.`;
  return [{ id: 'breaker', word: 'outside', sentence }];
}

/**
 * A heater from volts and amps circuit by circuit: what it gives, which kit that is, and the breaker it asks for. At 208 V a kit is judged at 208.
 *
 * @param checks the standing readings: `kitVolts`, `kitAmps1` to `kitAmps3`, `kitSharing`, `kitBlowerAmps`, `kitBreakerA`, `kitPlateKw`
 * @returns undefined until volts and one circuit's amps are read
 * @example volts 208 and 36 A with a blower of 4 A on it → 7,488 W, 10.0 kW at 240 V, kit 10, least breaker 50 A
 */
export function kitReading(checks: ReadonlyMap<string, Check>): KitReading | undefined {
  const value = (id: string) => checks.get(id)?.value;
  const volts = value('kitVolts');
  const amps = KIT_CIRCUITS.flatMap((n) => value(`kitAmps${n}`) ?? []);
  if (volts === undefined || volts <= 0 || amps.length === 0) return undefined;
  const { watts, namedKw, kitKw } = heatKit(amps.map((one) => ({ volts, amps: one })));
  const most = Math.max(...amps);
  const other = otherAmps(checks);
  // Too large for one breaker it is whatever else is on it.
  const isTooLarge = breakerAmps(most, 0) === undefined;
  const leastBreakerA = typeof other === 'number' ? breakerAmps(most, other) : undefined;
  const dead = KIT_CIRCUITS.filter((n) => value(`kitAmps${n}`) === 0);
  const low = volts < 0.93 * NAMED_AT_VOLTS;
  return {
    watts,
    namedKw,
    kitKw,
    leastBreakerA,
    lines: [
      ...plateLine(value('kitPlateKw'), namedKw),
      ...dead.map((n) => ({
        id: `dead${n}`,
        word: 'outside' as const,
        sentence: `Circuit ${n} draws nothing. Check breaker, limit, link, sequencer and element.`,
      })),
      ...(typeof other === 'number' || isTooLarge
        ? breakerLine(value('kitBreakerA'), leastBreakerA, most)
        : [{ id: 'breaker', word: 'cantSay' as const, sentence: other.ask }]),
      ...(low
        ? [
            {
              id: 'volts',
              word: 'inside' as const,
              sentence: `At ${Math.round(volts)} V a kit puts out ${Math.round(100 * (volts / NAMED_AT_VOLTS) ** 2)} % of its rating.`,
            },
          ]
        : []),
    ],
  };
}
