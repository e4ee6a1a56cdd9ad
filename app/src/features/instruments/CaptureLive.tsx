import type { PortId } from '@huff/core';
import { CHANNELS } from '@huff/core/instruments';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { useProbeAt } from '../../data/bridge/bridge';
import { ActionButton, TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { LiveValueLine } from './LiveValueLine';

interface CaptureLiveProps {
  readonly port: PortId;
  /** Saves the value of the probe. @param isSteady it had come to rest */
  readonly onCapture: (staticInWc: number, isSteady: boolean) => void;
}

/** So long a steady value is shown before it is saved by itself, ms: time to see it. */
const HOLD_MS = 1_500;

/** The live probe of a port in its keypad: saved by a touch, or by itself once it has come to rest. */
export function CaptureLive({ port, onCapture }: CaptureLiveProps) {
  const probe = useProbeAt(port);
  const [isAutomatic, setAutomatic] = useState(false);
  const isSteady = probe !== undefined && !probe.isQuiet && probe.state.kind === 'steady';
  const take = useRef(onCapture);
  const mean = useRef(0);
  useEffect(() => {
    take.current = onCapture;
    if (probe && isSteady) mean.current = probe.state.mean;
  });
  useEffect(() => {
    if (!isAutomatic || !isSteady) return undefined;
    const timer = setTimeout(() => take.current(mean.current, true), HOLD_MS);
    return () => clearTimeout(timer);
  }, [isAutomatic, isSteady]);
  if (!probe) return null;
  const { windowS } = CHANNELS[probe.channel];
  return (
    <View style={{ gap: 6 }}>
      <LiveValueLine probe={probe} size={24} />
      {probe.isQuiet ? (
        <Txt role="alert" size={14}>{`${probe.id} is quiet. Check its battery and range, or type the value.`}</Txt>
      ) : (
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <View style={{ flex: 1 }}>
            {isSteady ? (
              <ActionButton onPress={() => onCapture(probe.state.mean, true)}>Save probe value</ActionButton>
            ) : (
              <ActionButton onPress={() => setAutomatic(!isAutomatic)}>
                {isAutomatic ? 'Saves when steady…' : 'Save when steady'}
              </ActionButton>
            )}
          </View>
          {!isSteady && <TextButton onPress={() => onCapture(probe.value, false)}>Save now</TextButton>}
        </View>
      )}
      {!isSteady && !probe.isQuiet && <Txt size={13} color="softInk">{`Steady means no drift for ${windowS} s.`}</Txt>}
    </View>
  );
}
