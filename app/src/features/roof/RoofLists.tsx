import type { RoofWork, TakeUp } from '@huff/core/call';
import { View } from 'react-native';
import { Heading, Txt } from '../../ui/text';
import { minutesText } from '../../ui/text/effortText';
import { usePalette } from '../../ui/theme';

/** What is taken up to the roof, counted. */
export function TakeList({ take, wide }: { readonly take: readonly TakeUp[]; readonly wide: boolean }) {
  const palette = usePalette();
  return (
    <View style={{ flex: wide ? 1 : undefined }}>
      <Heading size={17} style={{ paddingBottom: 6 }}>
        Parts to bring
      </Heading>
      {take.length === 0 && <Txt color="softInk">Missing: belts and filters. Enter them at the units.</Txt>}
      {take.map(({ part, why, count }) => (
        <View
          key={part}
          style={{ flexDirection: 'row', gap: 10, borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8 }}
        >
          <View style={{ flex: 1 }}>
            <Txt>{part}</Txt>
            <Txt size={14} color="softInk">
              {why}
            </Txt>
          </View>
          <Txt size={18} bold figures>
            {String(count)}
          </Txt>
        </View>
      ))}
    </View>
  );
}

interface WorkListProps {
  readonly work: readonly RoofWork[];
  readonly wide: boolean;
}

/** In which order the units are worked. */
export function WorkList({ work, wide }: WorkListProps) {
  const palette = usePalette();
  return (
    <View style={{ flex: wide ? 1.4 : undefined }}>
      <Heading size={17} style={{ paddingBottom: 6 }}>
        Order of work
      </Heading>
      {work.length === 0 && <Txt color="softInk">No open findings.</Txt>}
      {work.map(({ unitId, name, words, minutes, hours }, i) => (
        <View
          key={unitId}
          style={{ flexDirection: 'row', gap: 10, borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8 }}
        >
          <Txt bold figures style={{ width: 18 }}>
            {String(i + 1)}
          </Txt>
          <View style={{ flex: 1 }}>
            <Txt>{`${name}: ${words}`}</Txt>
            {hours && (
              <Txt size={14} color="softInk">
                {hours.isInUse
                  ? `In use until ${hours.until}: ask before you shut it off.`
                  : `Free until ${hours.until}.`}
              </Txt>
            )}
          </View>
          <Txt size={15} color="softInk" figures>
            {minutes > 0 ? minutesText(minutes) : ''}
          </Txt>
        </View>
      ))}
    </View>
  );
}
