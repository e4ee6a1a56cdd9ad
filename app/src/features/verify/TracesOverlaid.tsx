import type { PartedVisit } from '@huff/contract';
import { toolText } from '@huff/core';
import { CHANNELS, PLACES, tracePairs } from '@huff/core/instruments';
import { View } from 'react-native';
import { Heading, Txt } from '../../ui/text';
import { TraceChart } from '../../ui/trace';

/** Each place that a probe watched before the fix and after it, both lines on the same axes; nothing where none did. */
export function TracesOverlaid({ parted, width }: { readonly parted: PartedVisit; readonly width: number }) {
  const pairs = tracePairs(parted.before.facts ?? [], parted.after?.facts ?? []);
  if (pairs.length === 0) return null;
  return (
    <View style={{ gap: 12 }}>
      <View style={{ gap: 4 }}>
        <Heading size={16}>Probes before and after</Heading>
        <Txt size={14} color="softInk">
          dashed: before
        </Txt>
      </View>
      {pairs.map(({ place, before, after }) => {
        const { name, channel } = PLACES[place];
        const text = (value: number) => toolText(value, CHANNELS[channel].unit);
        const longest = Math.max(...[before, after].map(({ seconds }) => -(seconds[0] ?? 0)));
        return (
          <View key={place} style={{ gap: 4 }}>
            <Txt bold>{name}</Txt>
            <TraceChart
              lines={[{ ...before, isBefore: true }, after]}
              width={width}
              height={100}
              text={text}
              ends={[`${longest} s before`, 'saved']}
              says={`${name}: ${text(before.values.at(-1) ?? 0)} before, ${text(after.values.at(-1) ?? 0)} after.`}
            />
          </View>
        );
      })}
    </View>
  );
}
