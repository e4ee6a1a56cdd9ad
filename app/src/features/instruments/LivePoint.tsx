import { CHANNELS, PLACES, type PlaceId, type Sample } from '@huff/core/instruments';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { bridge, useProbeAt } from '../../data/bridge/bridge';
import { ActionButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { LiveValueLine } from './LiveValueLine';

interface LivePointProps {
  readonly place: PlaceId;
  /** "point 3" */
  readonly word: string;
  /** The probe is moved while it is read: averaged until the button is touched again. */
  readonly isSweep: boolean;
  readonly onPoint: (value: number) => void;
}

/** One point is averaged over so many seconds. (J) Long enough for the gusts of a duct. */
const POINT_S = 5;
/** A shorter sweep is a touch by mistake, s. */
const LEAST_SWEEP_S = 3;
const LOOK_MS = 250;

const meanOf = (samples: readonly Sample[]) => samples.reduce((sum, { value }) => sum + value, 0) / samples.length;

/** Reads a list point by point from one probe, by one button: touch, hold still, move on. Nothing where no probe sits there. */
export function LivePoint({ place, word, isSweep, onPoint }: LivePointProps) {
  const probe = useProbeAt(place);
  const [beganMs, setBegan] = useState<number>();
  const [passedS, setPassed] = useState(0);
  const isQuiet = probe?.isQuiet ?? true;
  const finish = (fromMs: number) => {
    const samples = bridge.get().probes.find((one) => one.place === place)?.samples ?? [];
    const seen = samples.filter(({ atMs }) => atMs >= fromMs);
    setBegan(undefined);
    if (seen.length > 0) onPoint(Number(meanOf(seen).toFixed(CHANNELS[PLACES[place].channel].unit === 'degF' ? 1 : 0)));
  };
  // The page is drawn with each value of the probe: what the clock does must not begin anew with it.
  const latest = useRef({ finish, isQuiet });
  useEffect(() => {
    latest.current = { finish, isQuiet };
  });
  useEffect(() => {
    if (beganMs === undefined) return undefined;
    const timer = setInterval(() => {
      const passed = (Date.now() - beganMs) / 1000;
      setPassed(passed);
      // A probe that falls silent leaves the point unread: half an average is none.
      if (latest.current.isQuiet) setBegan(undefined);
      else if (!isSweep && passed >= POINT_S) latest.current.finish(beganMs);
    }, LOOK_MS);
    return () => clearInterval(timer);
  }, [beganMs, isSweep]);
  if (!probe) return null;
  const begin = () => {
    setPassed(0);
    setBegan(Date.now());
  };
  const runs = beganMs !== undefined;
  const label = runs
    ? isSweep
      ? `Stop ${word}`
      : `Averaging ${word}…`
    : isSweep
      ? `Start ${word}`
      : `Average ${word}`;
  const press = () => {
    if (beganMs === undefined) return begin();
    if (isSweep && passedS >= LEAST_SWEEP_S) finish(beganMs);
  };
  return (
    <View style={{ gap: 6 }}>
      <LiveValueLine probe={probe} size={22} />
      {probe.isQuiet ? (
        <Txt role="alert" size={14}>{`${probe.id} is quiet. Check its battery and range, or type the points.`}</Txt>
      ) : (
        <ActionButton onPress={press} aside={runs ? `${passedS.toFixed(0)} s` : isSweep ? 'moving' : `${POINT_S} s`}>
          {label}
        </ActionButton>
      )}
      <Txt size={13} color="softInk">
        {isSweep
          ? 'Sweep evenly through the whole hole, then touch again.'
          : 'Hold the probe still until the point is saved, then move to the next.'}
      </Txt>
    </View>
  );
}
