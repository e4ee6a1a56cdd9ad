import type { BlowerTableDto, UnitFactsDto } from '@huff/contract';
import {
  LAYOUT_IDS,
  LAYOUTS,
  MOTOR_KINDS,
  staticWords,
  tapRow,
  type BlowerTable,
  type MotorKind,
  MOTOR_TEXT,
} from '@huff/core';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useRules } from '../../data/useRules';
import { Choice } from '../../ui/form';
import { NumberSheet } from '../../ui/keypad';
import { ActionButton, TextButton } from '../../ui/page';
import { FullSheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { DriveFormRow } from '../driveBench/DriveFormRow';
import { TablePicker } from '../tables/TablePicker';
import { AirPathPicture } from './AirPathPicture';
import { isSaid, withLayout, withMotor } from './changes';
import { costsOf } from './costs';
import { EquipmentChoice, ZoningChoice } from './EquipmentChoice';
import { FilterSheet } from './FilterSheet';
import { filterWords } from './filterWords';
import { FactRow, NumberRow } from './NumberRow';
import type { Picture } from '../photos/takePhoto';
import { PlateSheet } from './PlateSheet';
import { TonsChoice } from './TonsChoice';
import { unitQuestion } from './unitQuestions';
import { FIRST_NUMBERS, MORE_NUMBERS, TONS, type UnitNumber } from './unitNumbers';

export interface WhatStandsHereProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly unit: UnitFactsDto;
  readonly onUnit: (unit: UnitFactsDto) => void;
  readonly table?: (BlowerTable & { readonly name: string }) | null;
  readonly onTable: (table: BlowerTableDto | null) => void;
  /** An airflow is known without the table. */
  readonly hasFlow: boolean;
  /** What is said first, of a visit: mode and stage. */
  readonly lead?: ReactNode;
  /** What more there is to say here: its name. */
  readonly more?: ReactNode;
  /** Photos of plate and door, where there is a visit to keep them. */
  readonly photos?: ReactNode;
  /** Keeps the photo that a nameplate is read from. */
  readonly onPlatePhoto?: (picture: Picture) => void;
  /** The action of its foot. */
  readonly go: { readonly words: string; readonly aside?: string; readonly onPress: () => void };
}

/** A motor by what is seen of it. */
const MOTOR_SEEN: Readonly<Record<MotorKind, string>> = {
  psc: 'Two brown capacitor leads',
  constantTorque: 'Five small taps, 24 V',
  constantAirflow: 'Sixteen-pin plug',
  beltDrive: 'Belt and sheaves',
};

/**
 * Equipment, by pictures and chips: the one sheet for a quick check, a visit and a unit. Nothing is needed; each thing said sharpens
 * the answer, and the foot says what the rest would add.
 */
export function EquipmentView(props: WhatStandsHereProps) {
  const { open, onClose, unit, onUnit, table, onTable, hasFlow, lead, more, photos, onPlatePhoto, go } = props;
  const palette = usePalette();
  const rules = useRules();
  const [asked, setAsked] = useState<UnitNumber>();
  const [showing, setShowing] = useState<'table' | 'filter' | 'plate'>();
  const [all, setAll] = useState(false);
  const close = () => setShowing(undefined);
  const foot = (
    <View style={{ padding: 16, paddingTop: 10, gap: 8, borderTopWidth: 1.5, borderColor: palette.ink }}>
      <Txt size={15} role="status">
        {costsOf({ unit, hasTable: Boolean(table), hasFlow })}
      </Txt>
      <ActionButton onPress={go.onPress} aside={go.aside}>
        {go.words}
      </ActionButton>
    </View>
  );
  return (
    <FullSheet open={open} onClose={onClose} title="Equipment" under="All optional; each answer helps" foot={foot}>
      {lead}
      <Label>Air path</Label>
      <Choice
        label="Air path"
        as="pictures"
        options={LAYOUT_IDS.map((id) => ({
          id,
          text: SHORT_LAYOUT[id] ?? LAYOUTS[id].name,
          picture: <AirPathPicture layout={id} />,
        }))}
        chosen={isSaid(unit, 'layout') ? unit.layout : null}
        onChoose={(layout) => onUnit(withLayout(unit, layout))}
      />
      <Label>Blower motor, by connections</Label>
      <Choice
        label="Blower motor"
        as="rows"
        options={MOTOR_KINDS.map((id) => ({ id, text: MOTOR_SEEN[id], aside: MOTOR_TEXT[id] }))}
        chosen={isSaid(unit, 'motor') ? unit.motor : null}
        onChoose={(motor) => onUnit(withMotor(unit, motor))}
      />
      <EquipmentChoice unit={unit} onUnit={onUnit} />
      <TonsChoice
        tons={unit.tons}
        onTons={(tons) => onUnit({ ...unit, tons })}
        onMore={() => setAsked(TONS)}
        onModel={() => setShowing('plate')}
      />
      <View>
        <FactRow
          name="Blower table"
          value={table?.name ?? 'type two cells, or later'}
          assumed={!table}
          onPress={() => setShowing('table')}
        />
        {table && (
          <View style={{ gap: 6, paddingBottom: 12 }}>
            <Label>{unit.motor === 'constantAirflow' ? 'Switch setting in use' : 'Speed in use'}</Label>
            <Choice
              label="Speed in use"
              options={speedsOf(table, unit.tap).map((tap) => ({ id: tap, text: tap }))}
              chosen={unit.tap ?? null}
              onChoose={(tap) => onUnit({ ...unit, tap })}
            />
            {unit.motor === 'beltDrive' && (
              <TextButton onPress={() => setAsked(measuredRpm(table))}>Enter measured RPM</TextButton>
            )}
          </View>
        )}
        {FIRST_NUMBERS.map((number) => (
          <NumberRow
            key={number.id}
            number={number}
            unit={unit}
            taken={`${staticWords(rules.assumedMaxTespInWc)} assumed`}
            onAsk={setAsked}
          />
        ))}
        <FactRow
          name="Filter"
          value={filterWords(unit.setup) ?? 'size and kind'}
          assumed={!filterWords(unit.setup)}
          onPress={() => setShowing('filter')}
        />
        <FactRow
          name="Nameplate"
          value={plateWords(unit.plate) ?? 'model, serial, volts, charge'}
          assumed={!plateWords(unit.plate)}
          onPress={() => setShowing('plate')}
        />
        {unit.motor === 'beltDrive' && <DriveFormRow unit={unit} table={table} onUnit={onUnit} />}
        {all ? (
          <>
            {more}
            <ZoningChoice unit={unit} onUnit={onUnit} />
            {MORE_NUMBERS.map((number) => (
              <NumberRow key={number.id} number={number} unit={unit} onAsk={setAsked} />
            ))}
            {photos}
          </>
        ) : (
          <TextButton onPress={() => setAll(true)}>Show more details</TextButton>
        )}
      </View>
      <NumberSheet
        asked={
          asked && {
            label: asked.label,
            unit: asked.unit,
            ...asked.range,
            hint: asked.hint,
            value: asked.read(unit),
          }
        }
        ask={(value) =>
          asked && (asked.id === 'rpm' && table ? rpmFault(table, value) : unitQuestion(asked.id, value, unit))
        }
        onKeep={(value) => {
          if (asked) onUnit(asked.write(unit, value));
          setAsked(undefined);
        }}
        onClose={() => setAsked(undefined)}
      />
      <TablePicker
        open={showing === 'table'}
        unit={unit}
        chosen={table ?? undefined}
        onClose={close}
        onPick={(picked) => {
          onTable(picked);
          close();
        }}
      />
      <FilterSheet open={showing === 'filter'} unit={unit} onUnit={onUnit} onClose={close} />
      <PlateSheet open={showing === 'plate'} unit={unit} onUnit={onUnit} onPhoto={onPlatePhoto} onClose={close} />
    </FullSheet>
  );
}

const SHORT_LAYOUT: Partial<Record<string, string>> = {
  furnaceCasedCoil: 'Furnace, coil',
  packaged: 'Packaged',
  makeUpAir: 'Make-up air',
};

const Label = ({ children }: { readonly children: string }) => (
  <Txt size={14} color="softInk">
    {children}
  </Txt>
);

/** The table's rows, and the RPM in use where it lies between them. */
function speedsOf(table: BlowerTable, tap: string | null | undefined): string[] {
  const rows = table.taps.map((row) => row.tap);
  return tap && !rows.includes(tap) && tapRow(table, tap) ? [...rows, tap] : rows;
}

const rpmFault = (table: BlowerTable, rpm: number) =>
  tapRow(table, String(rpm)) ? undefined : 'This RPM is off the blower table.';

/** A belt drive runs at any RPM: the measured one, between the rows of the table. */
const measuredRpm = (table: BlowerTable): UnitNumber => ({
  id: 'rpm',
  label: 'Enter measured RPM',
  unit: 'rpm',
  range: { min: 50, max: 5000 },
  unsaid: '',
  read: ({ tap }) => (tap && Number.isFinite(Number(tap)) ? Number(tap) : undefined),
  write: (unit, value) => (value !== null && tapRow(table, String(value)) ? { ...unit, tap: String(value) } : unit),
});

/** "XA4-036 · 208 V" */
function plateWords(plate: UnitFactsDto['plate']): string | undefined {
  const { model, serial, volts, refrigerant } = plate ?? {};
  const parts = [model, serial, typeof volts === 'number' ? `${volts} V` : undefined, refrigerant].filter(
    (part) => typeof part === 'string',
  );
  return parts.length > 0 ? parts.slice(0, 2).join(' · ') : undefined;
}
