import type { VisitDto } from '@huff/contract';
import { MOTOR_PLATE_FORM, SPEEDS_FORM, type FactKind } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { ListRow } from '../../ui/list';
import { Heading } from '../../ui/text';
import { SetupFormSheet, type SetupForm } from './SetupFormSheet';

interface KnowMoreProps {
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onMethod: (method: FactKind) => void;
}

const SPEEDS: SetupForm = {
  key: 'speeds',
  title: 'Other speeds',
  says: 'Cooling and heating have separate speeds. A cooling fix can put heating rise out of range. The nameplate rise is with the unit.',
  set: SPEEDS_FORM,
};
const PLATE: SetupForm = {
  key: 'motorPlate',
  title: 'Motor nameplate',
  says: 'From the blower motor’s nameplate. It limits the amps after the fix.',
  set: MOTOR_PLATE_FORM,
};

/** What else a prediction could say, were it known: amps, the motor's plate, heating and the low stage. */
export function KnowMore({ visit, onVisit, onMethod }: KnowMoreProps) {
  const [form, setForm] = useState<SetupForm>();
  const amps = (visit.facts ?? []).some((fact) => fact.kind === 'motorLoad');
  const { speeds, motorPlate } = visit.setup ?? {};
  return (
    <View>
      <Heading size={16}>Add for better predictions</Heading>
      <ListRow
        name="Motor amps and watts"
        under={amps ? 'measured' : 'for power, energy, and the load after'}
        onPress={() => onMethod('motorLoad')}
      />
      <ListRow
        name="Motor nameplate"
        under={motorPlate ? 'known' : 'full-load amps, service factor'}
        onPress={() => setForm(PLATE)}
      />
      <ListRow
        name="Other speeds"
        under={speeds ? 'known' : 'their taps, the heat’s output'}
        onPress={() => setForm(SPEEDS)}
      />
      <SetupFormSheet form={form} visit={visit} onVisit={onVisit} onClose={() => setForm(undefined)} />
    </View>
  );
}
