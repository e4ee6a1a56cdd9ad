import { toolText } from '@huff/core';
import { BURNS, LADDER_FORM } from '@huff/core/call';
import { View } from 'react-native';
import { TextButton } from '../../../ui/page';
import { Txt } from '../../../ui/text';

const option = (field: 'refrigerant' | 'metering' | 'highPort', id: unknown): string =>
  LADDER_FORM.fields[field].options.find((one) => one.id === id)?.text ?? '';

/** What was said of the circuit, and the gauges in a line. */
export function Said({
  own,
  onMore,
  onKeep,
}: {
  readonly own: Record<string, unknown>;
  readonly onMore: () => void;
  /** Keeps refrigerant, metering, plate figures and chart on the unit; absent when they are there. */
  readonly onKeep?: () => void;
}) {
  const refrigerant = option('refrigerant', own.refrigerant);
  const gauges = [
    typeof own.highPsig === 'number'
      ? `${toolText(own.highPsig, 'psig')} at the ${option('highPort', own.highPort)}`
      : undefined,
    typeof own.suctionPsig === 'number' ? `${toolText(own.suctionPsig, 'psig')} suction` : undefined,
  ].filter((one) => one !== undefined);
  return (
    <View>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Txt style={{ flex: 1 }} bold>
          {`${refrigerant || 'Refrigerant not entered'} · ${option('metering', own.metering)}`}
        </Txt>
        <TextButton onPress={onMore}>Edit nameplate and chart</TextButton>
      </View>
      {onKeep && <TextButton onPress={onKeep}>Save to unit</TextButton>}
      {gauges.length > 0 && (
        <Txt size={14} color="softInk">
          {gauges.join(' · ')}
        </Txt>
      )}
      {BURNS.has(refrigerant as never) && (
        <Txt size={14} color="softInk">
          Mildly flammable: no flame, ventilate the space.
        </Txt>
      )}
    </View>
  );
}
