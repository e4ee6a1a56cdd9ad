import type { VisitDto } from '@huff/contract';
import { MOTOR_PLATE_FORM, SPEEDS_FORM, type FactKind } from '@huff/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Icon } from '../../ui/icons';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { SetupFormSheet, type SetupForm } from './SetupFormSheet';

interface KnowMoreProps {
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onMethod: (method: FactKind) => void;
}

const SPEEDS: SetupForm = {
  key: 'speeds',
  title: 'Heating and low stage',
  says: 'Cooling and heating run on speeds of their own: a cooling fix can put the heating rise out of its range. The plate’s rise stands with the unit.',
  set: SPEEDS_FORM,
};
const PLATE: SetupForm = {
  key: 'motorPlate',
  title: 'Motor plate',
  says: 'What stands on the blower motor: what it may draw after the fix is judged by it.',
  set: MOTOR_PLATE_FORM,
};

/** What else a prediction could say, were it known: amps, the motor's plate, heating and the low stage. */
export function KnowMore({ visit, onVisit, onMethod }: KnowMoreProps) {
  const [form, setForm] = useState<SetupForm>();
  const amps = (visit.facts ?? []).some((fact) => fact.kind === 'motorLoad');
  const { speeds, motorPlate } = visit.setup ?? {};
  return (
    <View>
      <Heading size={16}>So that it can say more</Heading>
      <KnowRow
        name="Motor amps and watts"
        says={amps ? 'measured' : 'for power, energy, and the load after'}
        onPress={() => onMethod('motorLoad')}
      />
      <KnowRow
        name="Motor plate"
        says={motorPlate ? 'known' : 'full-load amps, service factor'}
        onPress={() => setForm(PLATE)}
      />
      <KnowRow
        name="Heating and low stage"
        says={speeds ? 'known' : 'their taps, the heat’s output'}
        onPress={() => setForm(SPEEDS)}
      />
      <SetupFormSheet form={form} visit={visit} onVisit={onVisit} onClose={() => setForm(undefined)} />
    </View>
  );
}

function KnowRow({
  name,
  says,
  onPress,
}: {
  readonly name: string;
  readonly says: string;
  readonly onPress: () => void;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${name}: ${says}`}
      onPress={onPress}
      style={{
        minHeight: 50,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 8,
        borderTopWidth: 1,
        borderColor: palette.line,
      }}
    >
      <Txt style={{ flex: 1 }}>{name}</Txt>
      <Txt size={14} color="softInk">
        {says}
      </Txt>
      <Icon name="chevron-right" size={20} color={palette.softInk} />
    </Pressable>
  );
}
