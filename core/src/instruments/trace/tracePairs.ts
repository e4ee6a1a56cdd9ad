import { PLACES, type PlaceId } from '../live';

/** A kept trace, as a fact of a visit has it. */
interface KeptTrace {
  readonly kind: string;
  readonly inputs: Readonly<Record<string, unknown>>;
}

/** What a probe did before its value was captured: seconds up to that moment, which is 0. */
interface TracedValues {
  readonly seconds: readonly number[];
  readonly values: readonly number[];
}

/** The traces of one place before a fix and after it. */
interface TracePair {
  readonly place: PlaceId;
  readonly before: TracedValues;
  readonly after: TracedValues;
}

const numbersOf = (value: unknown) => (Array.isArray(value) ? (value as readonly number[]) : []);

/** The last trace of each place. */
function lastOfEach(facts: readonly KeptTrace[]): ReadonlyMap<PlaceId, TracedValues> {
  return new Map(
    facts.flatMap(({ kind, inputs }): [PlaceId, TracedValues][] => {
      const { place } = inputs;
      if (kind !== 'trace' || typeof place !== 'string' || !Object.hasOwn(PLACES, place)) return [];
      const seconds = numbersOf(inputs.seconds);
      const end = seconds.at(-1) ?? 0;
      return [[place as PlaceId, { seconds: seconds.map((second) => second - end), values: numbersOf(inputs.values) }]];
    }),
  );
}

/**
 * Traces that can be drawn over each other: of places that a probe watched both before a fix and after it.
 *
 * @param before facts of a visit up to its plan
 * @param after facts since
 * @returns in the order of the places after; none where a place was watched only once
 * @example R2 at −0.31 before, at −0.22 after: one pair
 */
export function tracePairs(before: readonly KeptTrace[], after: readonly KeptTrace[]): TracePair[] {
  const was = lastOfEach(before);
  return [...lastOfEach(after)].flatMap(([place, is]) => {
    const then = was.get(place);
    return then ? [{ place, before: then, after: is }] : [];
  });
}
