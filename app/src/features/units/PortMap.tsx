import { LIMITS, type UnitDto } from '@huff/contract';
import { layoutOf, type PortId, type PortPlan } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { ListRow, ListSection } from '../../ui/list';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';

interface PortMapProps {
  readonly unit: UnitDto;
  readonly onUnit: (unit: UnitDto) => void;
}

/** The unit with a hole written down, or forgotten. */
function withPort(unit: UnitDto, port: PortId, where: string): UnitDto {
  const rest = (unit.ports ?? []).filter((one) => one.port !== port);
  const next = where.trim() === '' ? rest : [...rest, { port, where: where.trim() }];
  return { ...unit, ports: next };
}

/** Where the holes of a unit are: the next visit reads at the same ones, and like is compared with like. */
export function PortMap({ unit, onUnit }: PortMapProps) {
  const [asked, setAsked] = useState<PortPlan>();
  const { ports } = layoutOf({ layout: unit.layout, filterPlace: unit.setup?.filterPlace });
  const whereOf = (id: PortId) => unit.ports?.find((one) => one.port === id)?.where;
  return (
    <ListSection title="Test port locations">
      {ports.map((port) => (
        <ListRow
          key={port.id}
          name={`${port.id} ${port.name}`}
          under={whereOf(port.id) ?? 'not written down'}
          onPress={() => setAsked(port)}
        />
      ))}
      <Sheet
        open={asked !== undefined}
        onClose={() => setAsked(undefined)}
        title={asked ? `${asked.id} ${asked.name}` : ''}
      >
        {asked && (
          <Where
            key={asked.id}
            plan={asked}
            where={whereOf(asked.id) ?? ''}
            onKeep={(where) => {
              onUnit(withPort(unit, asked.id, where));
              setAsked(undefined);
            }}
          />
        )}
      </Sheet>
    </ListSection>
  );
}

interface WhereProps {
  readonly plan: PortPlan;
  readonly where: string;
  readonly onKeep: (where: string) => void;
}

function Where({ plan, where, onKeep }: WhereProps) {
  const [text, setText] = useState(where);
  return (
    <View style={{ gap: 10 }}>
      <Txt size={15} color="softInk">
        {plan.where}
      </Txt>
      <TextInput
        mode="outlined"
        label="Port location"
        accessibilityLabel="Port location"
        value={text}
        maxLength={LIMITS.noteLine.max}
        onChangeText={setText}
      />
      <ActionButton onPress={() => onKeep(text)}>Save</ActionButton>
    </View>
  );
}
