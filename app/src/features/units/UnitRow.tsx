import type { UnitDto } from '@huff/contract';
import { flowWords, tonsText, MOTOR_TEXT } from '@huff/core';
import { router } from 'expo-router';
import { memo } from 'react';
import { Pressable, View } from 'react-native';
import { Guard } from '../../ui/guard';
import { Icon } from '../../ui/icons';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** "3 t · constant torque · tap 4", with what is known. */
export function unitFactsLine({ tons, motor, tap, setup }: UnitDto): string {
  const parts = [
    tons ? `${tonsText(tons)} t` : null,
    (setup?.unsaid ?? []).includes('motor') ? null : MOTOR_TEXT[motor],
    tap ? (motor === 'beltDrive' && Number(tap) > 0 ? `${Math.round(Number(tap))} RPM` : `tap ${tap}`) : null,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(' · ') : 'no equipment data';
}

interface UnitRowProps {
  readonly unit: UnitDto;
  /** Where it is not opened as a page: the desk. */
  readonly onOpen?: (unitId: string) => void;
  readonly isOpen?: boolean;
}

/** A unit in a list: its name, what it is, how it was proven last. */
export const UnitRow = memo(function UnitRow(props: UnitRowProps) {
  return (
    <Guard what="This unit" on={[props.unit]}>
      <Row {...props} />
    </Guard>
  );
});

function Row({ unit, onOpen, isOpen }: UnitRowProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`Unit ${unit.name}`}
      aria-current={isOpen ? 'true' : undefined}
      onPress={() => (onOpen ? onOpen(unit.id) : router.push(`/units/${unit.id}`))}
      style={{
        minHeight: 62,
        borderTopWidth: 1,
        borderColor: palette.line,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
      }}
    >
      <View style={{ flex: 1 }}>
        <Txt size={17} bold={isOpen}>
          {unit.name}
        </Txt>
        <Txt size={14} color="softInk">
          {unitFactsLine(unit)}
        </Txt>
      </View>
      {unit.proven && (
        <Txt size={14} color="softInk" figures>
          verified {flowWords(unit.proven.flowCfm)}
        </Txt>
      )}
      <Icon name="chevron-right" size={20} color={palette.softInk} />
    </Pressable>
  );
}
