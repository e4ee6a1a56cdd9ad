import type { Assessment } from '@huff/contract';
import { staticText, toolFigure, type FactKind, type PortId } from '@huff/core';
import { Pressable, View } from 'react-native';
import { Icon } from '../../ui/icons';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface ReadAgainProps {
  readonly before: Assessment;
  readonly after: Assessment;
  readonly onPort: (port: PortId) => void;
  readonly onMethod: (method: FactKind) => void;
}

/** What was read before, to be read again: a row each, ticked when it is done. */
export function ReadAgain({ before, after, onPort, onMethod }: ReadAgainProps) {
  const statics = [...before.counted].map(([port, reading]) => ({
    id: port,
    name: `Static at ${port}`,
    was: staticText(reading.staticInWc),
    is: after.counted.has(port) ? staticText(after.counted.get(port)!.staticInWc) : undefined,
    under: conditionsOf(reading.conditions),
    open: () => onPort(port),
  }));
  const others = [
    ...(before.drop.value === undefined
      ? []
      : [
          {
            id: 'measuredDrop' as const,
            name: 'Temperature drop',
            was: before.drop.value,
            is: after.drop.value,
            unit: 'deltaF' as const,
          },
        ]),
    ...(before.motor?.amps === undefined
      ? []
      : [
          {
            id: 'motorLoad' as const,
            name: 'Motor amps',
            was: before.motor.amps,
            is: after.motor?.amps,
            unit: 'amps' as const,
          },
        ]),
  ].map(({ id, name, was, is, unit }) => ({
    id,
    name,
    was: toolFigure(was, unit),
    is: is === undefined ? undefined : toolFigure(is, unit),
    under: 'steady, as before',
    open: () => onMethod(id),
  }));
  return (
    <View role="group" aria-label="Measure again">
      {[...statics, ...others].map(({ id, name, was, is, under, open }) => (
        <ReadRow key={id} name={name} was={was} is={is} under={under} onPress={open} />
      ))}
    </View>
  );
}

const conditionsOf = ({
  door,
  filter,
  coil,
  minutesRunning,
}: {
  door: string;
  filter: string;
  coil: string;
  minutesRunning?: number;
}) =>
  [
    `door ${door}`,
    `filter ${filter}`,
    `coil ${coil}`,
    ...(minutesRunning === undefined ? [] : [`${minutesRunning} min running`]),
  ].join(' · ');

function ReadRow({
  name,
  was,
  is,
  under,
  onPress,
}: {
  readonly name: string;
  readonly was: string;
  readonly is?: string;
  readonly under: string;
  readonly onPress: () => void;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${name}: ${was} before, ${is === undefined ? 'not re-measured' : `${is} now`}. Measure it again`}
      onPress={onPress}
      style={{
        minHeight: 56,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 6,
      }}
    >
      <View
        style={{
          width: 26,
          height: 26,
          borderRadius: 13,
          borderWidth: 2,
          borderStyle: is === undefined ? 'dashed' : 'solid',
          borderColor: is === undefined ? palette.action : palette.ink,
          alignItems: 'center',
          justifyContent: 'center',
        }}
      >
        {is !== undefined && <Icon name="check" size={17} />}
      </View>
      <View style={{ flex: 1 }}>
        <Txt size={16} bold>
          {name}
        </Txt>
        <Txt size={14} color="softInk" figures>
          {under}
        </Txt>
      </View>
      <Txt size={16} color="softInk" figures>
        {was}
      </Txt>
      <Txt size={18} bold figures align="right" color={is === undefined ? 'action' : 'ink'} style={{ minWidth: 54 }}>
        {is ?? 'read'}
      </Txt>
    </Pressable>
  );
}
