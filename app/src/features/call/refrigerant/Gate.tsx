import type { GateLine } from '@huff/core/call';
import { Pressable, View } from 'react-native';
import { VerdictMark } from '../../../ui/marks';
import { Heading, Txt } from '../../../ui/text';
import { usePalette } from '../../../ui/theme';
import type { StationId } from '../../visitState/station';

/** The gate: what is shut leads to where it is opened. */
export function Gate({
  lines,
  onLine,
}: {
  readonly lines: readonly GateLine[];
  readonly onLine: (id: GateLine['id']) => void;
}) {
  const palette = usePalette();
  const isOpen = lines.every((line) => line.isOpen);
  const isUnsure = lines.some((line) => line.isUnsure);
  return (
    <View
      style={{
        borderWidth: 1.2,
        borderColor: palette.line,
        borderRadius: 6,
        backgroundColor: palette.sheet,
        paddingHorizontal: 12,
        paddingTop: 8,
      }}
    >
      <Heading size={17}>
        {!isOpen ? 'Not ready to judge charge' : isUnsure ? 'Ready, less certain' : 'Ready to judge charge'}
      </Heading>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16 }}>
        {lines.map(({ id, name, isOpen: open, isUnsure: unsure, why }) => (
          <Pressable
            key={id}
            role="button"
            aria-label={why ?? `${name}: good`}
            onPress={() => onLine(id)}
            style={{ flexDirection: 'row', gap: 6, alignItems: 'center', minHeight: 48, minWidth: 52 }}
          >
            <VerdictMark word={!open ? 'outside' : unsure ? 'atTheEdge' : 'inside'} size={16} />
            <Txt size={15} bold={!open} color={open ? 'ink' : 'action'}>
              {name}
            </Txt>
          </Pressable>
        ))}
      </View>
    </View>
  );
}

/** Where each line of the gate is opened; minutes and return air are typed here. */
export const GATE_STATION: Readonly<Partial<Record<GateLine['id'], StationId>>> = {
  air: 'airflow',
  filter: 'pressure',
  doors: 'pressure',
  ice: 'look',
  coilFace: 'look',
};
export const GATE_FIELD: Readonly<Partial<Record<GateLine['id'], string>>> = {
  minutes: 'minutesRunning',
  return: 'returnF',
};
