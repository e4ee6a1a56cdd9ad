import {
  CHANNELS,
  liveFault,
  liveState,
  placesFor,
  QUIET_MS,
  type ChannelId,
  type LiveState,
  type LiveValue,
  type PlaceId,
  type Sample,
} from '@huff/core/instruments';

/** A probe as it is now. */
export interface LiveProbe {
  readonly id: string;
  readonly channel: ChannelId;
  readonly place?: PlaceId;
  readonly battery?: number;
  /** The last value, and whether it has come to rest. */
  readonly value: number;
  readonly state: LiveState;
  /** Nothing came from it for some seconds; its last value stays in sight. */
  readonly isQuiet: boolean;
  /** The last five minutes, oldest first. */
  readonly samples: readonly Sample[];
}

export type BridgeSource = 'simulated' | 'stream' | 'bluetooth';

/** What is connected, and every probe that was heard. */
interface BridgeState {
  readonly source?: BridgeSource;
  /** The way to the instruments is cut; it is tried again. */
  readonly isLost: boolean;
  readonly probes: readonly LiveProbe[];
  /** The last thing a bridge sent that was refused, and why. */
  readonly refused?: string;
  /** So many values were refused. */
  readonly refusedCount: number;
}

/** What a probe keeps, ms. */
const KEPT_MS = 300_000;
/** A bridge that names new probes without end is cut off here. */
const MOST_PROBES = 64;
/** Screens hear of new values no oftener, ms. */
const TELL_MS = 100;
const PLACES_KEY = 'huff.probePlaces';

interface Heard {
  readonly channel: ChannelId;
  samples: Sample[];
  battery?: number;
}

/** Where small things are kept on the phone. */
type Storage = Pick<globalThis.Storage, 'getItem' | 'setItem'>;

/** A phone that keeps nothing still knows a place until the page is closed. */
const tried = <T>(ask: () => T): T | undefined => {
  try {
    return ask();
  } catch {
    return undefined;
  }
};

const readPlaces = (storage: Storage | undefined): Record<string, PlaceId> =>
  tried(() => JSON.parse(storage?.getItem(PLACES_KEY) ?? '{}') as Record<string, PlaceId>) ?? {};

/** The values of all connected instruments, in one place: written by each source, read by every screen. */
export function makeBridgeStore(storage: Storage | undefined, now = () => Date.now()) {
  const heard = new Map<string, Heard>();
  const listeners = new Set<() => void>();
  let places = readPlaces(storage);
  let source: BridgeSource | undefined;
  let isLost = false;
  let refused: string | undefined;
  let refusedCount = 0;
  let state: BridgeState = { isLost: false, probes: [], refusedCount: 0 };
  let told = -Infinity;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const probeOf = (id: string, { channel, samples, battery }: Heard): LiveProbe => {
    const last = samples.at(-1)!;
    return {
      id,
      channel,
      place: places[id],
      battery,
      value: last.value,
      state: liveState(channel, samples, now()),
      isQuiet: now() - last.atMs > QUIET_MS,
      samples,
    };
  };
  const tell = () => {
    timer = undefined;
    told = now();
    state = { source, isLost, refused, refusedCount, probes: [...heard].map(([id, one]) => probeOf(id, one)) };
    for (const listener of listeners) listener();
  };
  /** Tells screens soon: many values at once are one change. */
  const changed = () => {
    if (timer !== undefined) return;
    timer = setTimeout(tell, Math.max(0, TELL_MS - (now() - told)));
  };

  return {
    get: () => state,
    subscribe: (listener: () => void) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    /** Takes what a bridge sent; what is not sound is counted and left out. */
    take: (values: readonly unknown[]): void => {
      for (const value of values) {
        const fault = liveFault(value, now());
        const isKnown = fault === undefined && heard.has((value as LiveValue).probe);
        if (fault !== undefined || (!isKnown && heard.size >= MOST_PROBES)) {
          refused = fault ?? `More than ${MOST_PROBES} probes.`;
          refusedCount += 1;
          continue;
        }
        const { probe, channel, value: figure, atMs, battery } = value as LiveValue;
        const before = heard.get(probe);
        // A probe that measures something else now is another probe.
        const samples = before?.channel === channel ? before.samples : [];
        // What comes twice, or from before, adds nothing.
        if (samples.length > 0 && samples.at(-1)!.atMs >= atMs) continue;
        const kept = [...samples.filter((sample) => sample.atMs > atMs - KEPT_MS), { atMs, value: figure }];
        heard.set(probe, { channel, samples: kept, battery: battery ?? before?.battery });
      }
      changed();
    },
    /** Says where a probe sits; two probes cannot sit in one place, so the other is taken off it. */
    place: (id: string, place: PlaceId | undefined): void => {
      const others = Object.entries(places).filter(([other, at]) => other !== id && at !== place);
      places = Object.fromEntries(place === undefined ? others : [...others, [id, place]]);
      tried(() => storage?.setItem(PLACES_KEY, JSON.stringify(places)));
      tell();
    },
    connected: (from: BridgeSource): void => {
      source = from;
      isLost = false;
      tell();
    },
    lost: (): void => {
      isLost = true;
      tell();
    },
    found: (): void => {
      isLost = false;
      changed();
    },
    /** Time passes without values: quiet probes have to be shown as quiet. */
    tick: (): void => tell(),
    disconnected: (): void => {
      source = undefined;
      isLost = false;
      refused = undefined;
      refusedCount = 0;
      heard.clear();
      tell();
    },
  };
}

export type BridgeStore = ReturnType<typeof makeBridgeStore>;

/** The places that suit a probe. */
export const placesOf = ({ channel }: Pick<LiveProbe, 'channel'>): PlaceId[] => placesFor(channel);

/** What a channel is called. */
export const channelName = (channel: ChannelId): string => CHANNELS[channel].name;
