import { simulatedSet, type PlaceId, type ProbeTrouble, type TruthAt } from '@huff/core/instruments';
import { useCallback, useSyncExternalStore } from 'react';
import { listenToStream } from './stream';
import { makeBridgeStore, type LiveProbe } from './bridgeStore';

/** The instruments of this phone. */
export const bridge = makeBridgeStore(typeof localStorage === 'undefined' ? undefined : localStorage);

/** Ends what brings values now. */
let end: (() => void) | undefined;
/** How often simulated probes send, ms: five values a second. */
const SEND_MS = 200;
/** How often it is looked whether a probe fell silent, ms. */
const LOOK_MS = 1_000;

function begin(start: () => () => void): void {
  end?.();
  bridge.disconnected();
  const stop = start();
  const looking = setInterval(bridge.tick, LOOK_MS);
  end = () => {
    clearInterval(looking);
    stop();
    end = undefined;
  };
}

let simulated: ReturnType<typeof simulatedSet> | undefined;

/** Connects the simulated set to a unit whose truth only it knows; it needs no signal. */
export function connectSimulated(truthAt: TruthAt, seed: number): void {
  begin(() => {
    const set = simulatedSet(truthAt, seed);
    simulated = set;
    for (const [id, place] of set.places) bridge.place(id, place);
    bridge.connected('simulated');
    const sending = setInterval(() => bridge.take(set.valuesAt(Date.now())), SEND_MS);
    return () => {
      clearInterval(sending);
      simulated = undefined;
    };
  });
}

/** Lets a simulated probe go wrong, or right again. */
export const troubleProbe = (id: string, trouble: ProbeTrouble): void => simulated?.trouble(id, trouble);

/** Says where a probe sits; a simulated one moves there. */
export function placeProbe(id: string, place: PlaceId | undefined): void {
  if (place) simulated?.move(id, place);
  bridge.place(id, place);
}

/** Connects to an open stream of values. @param address '/api/bridge' for this shop’s server, or a bridge of one’s own */
export function connectStream(address: string): void {
  begin(() => {
    bridge.connected('stream');
    return listenToStream(address, bridge);
  });
}

/** Begins with values that something else brings: a Bluetooth probe. @returns what takes them */
export function connectBluetooth(stop: () => void): void {
  begin(() => {
    bridge.connected('bluetooth');
    return stop;
  });
}

export function disconnect(): void {
  end?.();
  bridge.disconnected();
}

/** What is connected, and every probe. */
export const useBridge = () => useSyncExternalStore(bridge.subscribe, bridge.get, bridge.get);

/**
 * One thing of what is connected: who uses it is drawn anew only when that changes.
 *
 * @param select gives a text, a number or a probe: what is the same as before is equal to it
 */
export function useBridgePart<T extends string | number | boolean | LiveProbe | undefined>(
  select: (probes: readonly LiveProbe[]) => T,
): T {
  const ask = () => select(bridge.get().probes);
  return useSyncExternalStore(bridge.subscribe, ask, ask);
}

/** The probe that sits in a place; the same object as long as nothing came from it. */
export function useProbeAt(place: PlaceId | undefined): LiveProbe | undefined {
  const find = useCallback(
    () => (place === undefined ? undefined : bridge.get().probes.find((probe) => probe.place === place)),
    [place],
  );
  return useSyncExternalStore(bridge.subscribe, find, find);
}
