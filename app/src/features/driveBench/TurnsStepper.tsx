import { turnsOpenText, turnsText, type BeltDrive } from '@huff/core';
import { Pressable, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { DriveBench } from './useDriveBench';

/** Turns of the adjustable sheave, half a turn at a time, never past its range. */
export function TurnsStepper({ bench, drive }: { readonly bench: DriveBench; readonly drive: BeltDrive }) {
  const { turnsOpen, turnsMost, turn } = bench;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <Step label="Half turn closer" disabled={turnsOpen <= 0} onPress={() => turn(-0.5)}>
        −
      </Step>
      <View role="status" style={{ flex: 1, alignItems: 'center' }}>
        <Txt size={28} bold figures style={{ lineHeight: 34 }}>
          {turnsOpenText(turnsOpen)}
        </Txt>
        <Txt size={14} color="softInk" figures>
          was {turnsText(drive.turnsOpen)} · range 0–{turnsMost} · half turns
          {drive.motorSheave.grooves > 1 ? ', both grooves' : ''}
        </Txt>
      </View>
      <Step label="Half turn open" disabled={turnsOpen >= turnsMost} onPress={() => turn(0.5)}>
        +
      </Step>
    </View>
  );
}

function Step({
  label,
  disabled,
  onPress,
  children,
}: {
  readonly label: string;
  readonly disabled: boolean;
  readonly onPress: () => void;
  readonly children: string;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={label}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      style={{
        width: 68,
        height: 60,
        borderRadius: 6,
        borderWidth: 2,
        borderColor: disabled ? palette.line : palette.ink,
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      <Txt size={28} bold color={disabled ? 'softInk' : 'ink'}>
        {children}
      </Txt>
    </Pressable>
  );
}
