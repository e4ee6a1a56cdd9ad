import type { UnitFactsDto } from '@huff/contract';
import { EQUIPMENT, EQUIPMENT_IDS } from '@huff/core';
import { View } from 'react-native';
import { Choice } from '../../ui/form';
import { Txt } from '../../ui/text';
import { withSetup } from './changes';

interface EquipmentChoiceProps {
  readonly unit: UnitFactsDto;
  readonly onUnit: (unit: UnitFactsDto) => void;
}

const STAGES = [
  { id: '1', text: '1 stage' },
  { id: '2', text: '2 stages' },
] as const;

const ZONING = [
  { id: 'none', text: 'none' },
  { id: 'zones', text: 'zone panel' },
  { id: 'bypass', text: 'bypass duct' },
] as const;

/** What makes the heat, and in how many stages the unit runs: what decides which rules hold in heating and in low stage. */
export function EquipmentChoice({ unit, onUnit }: EquipmentChoiceProps) {
  const { setup } = unit;
  return (
    <View style={{ gap: 8 }}>
      <Txt size={14} color="softInk">
        System
      </Txt>
      <Choice
        label="System"
        options={EQUIPMENT_IDS.map((id) => ({ id, text: EQUIPMENT[id].name }))}
        chosen={setup?.equipment ?? null}
        onChoose={(equipment) => onUnit(withSetup(unit, { equipment }))}
      />
      <Choice
        label="Stages"
        options={STAGES}
        chosen={setup?.stages ? (String(setup.stages) as '1' | '2') : null}
        onChoose={(stages) => onUnit(withSetup(unit, { stages: stages === '2' ? 2 : 1 }))}
      />
    </View>
  );
}

/** A zone panel or a bypass: airflow and static then change with every call. */
export function ZoningChoice({ unit, onUnit }: EquipmentChoiceProps) {
  return (
    <View style={{ gap: 8, paddingVertical: 8 }}>
      <Txt size={14} color="softInk">
        Zones or bypass
      </Txt>
      <Choice
        label="Zones or bypass"
        options={ZONING}
        chosen={unit.setup?.zoning ?? null}
        onChoose={(zoning) => onUnit(withSetup(unit, { zoning }))}
      />
    </View>
  );
}
