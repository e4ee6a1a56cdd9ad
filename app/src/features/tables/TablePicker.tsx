import type { BlowerTableDto, UnitFactsDto } from '@huff/contract';
import { tonsText, MOTOR_TEXT } from '@huff/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { List } from 'react-native-paper';
import { blowerTables } from '../../data/records';
import { SearchField } from '../../ui/form';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { tableLine } from './tableLine';
import { TypeTableSheet } from './typing/TypeTableSheet';

interface TablePickerProps {
  readonly open: boolean;
  /** Equipment: its motor and tons put the likely tables first. */
  readonly unit: Pick<UnitFactsDto, 'motor' | 'tons'>;
  readonly chosen?: { readonly name: string };
  readonly onClose: () => void;
  /** Null: without a table. */
  readonly onPick: (table: BlowerTableDto | null) => void;
}

/** How well a table fits the equipment: its motor, its tons. */
const fit = (table: BlowerTableDto, unit: TablePickerProps['unit']) =>
  (table.motor === unit.motor ? 2 : 0) + (unit.tons && table.tons === unit.tons ? 1 : 0);

/** Tables whose name, motor or tons hold every word, those that fit the unit first. */
function tablesFor(
  tables: readonly BlowerTableDto[],
  unit: TablePickerProps['unit'],
  sought: string,
): BlowerTableDto[] {
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
  const text = (table: BlowerTableDto) =>
    `${table.name} ${MOTOR_TEXT[table.motor]} ${table.tons ? `${tonsText(table.tons)} t` : ''}`.toLowerCase();
  return tables
    .filter((table) => !table.archivedAt && words.every((word) => text(table).includes(word)))
    .sort((a, b) => fit(b, unit) - fit(a, unit) || a.name.localeCompare(b.name));
}

/** The shop’s blower tables to choose from, typing one on the spot, or going on without. */
export function TablePicker({ open, unit, chosen, onClose, onPick }: TablePickerProps) {
  const { records, isError } = blowerTables.useList();
  const [sought, setSought] = useState('');
  const [typing, setTyping] = useState(false);
  const found = useMemo(
    () =>
      tablesFor(
        records.map((kept) => kept.record),
        unit,
        sought,
      ),
    [records, unit, sought],
  );
  const importOne = () => {
    onClose();
    router.push('/settings/tables/import');
  };
  return (
    <>
      <Sheet open={open && !typing} onClose={onClose} title="Blower table">
        <View style={{ gap: 8 }}>
          <ActionButton onPress={() => setTyping(true)} aside="two cells are enough">
            Enter a table
          </ActionButton>
          {records.length > 4 && <SearchField label="Find a table" value={sought} onChange={setSought} />}
          {found.map((table) => (
            <List.Item
              key={table.id}
              title={table.name}
              titleNumberOfLines={2}
              description={tableLine(table)}
              onPress={() => onPick(table)}
              accessibilityLabel={`${table.name}, ${tableLine(table)}`}
              role="button"
              style={{ paddingHorizontal: 0, minHeight: 60 }}
            />
          ))}
          {found.length === 0 && (
            <Txt color="softInk">
              {records.length > 0
                ? 'No table matches.'
                : isError
                  ? 'Tables have not loaded yet. Enter the one on the unit, or continue without.'
                  : 'No tables yet. Without one, Huff uses a typical curve for the motor type.'}
            </Txt>
          )}
          {chosen && (
            <ActionButton quiet onPress={() => onPick(null)} aside="a typical curve">
              Continue without a table
            </ActionButton>
          )}
          <ActionButton quiet onPress={importOne} aside="CSV">
            Import from a file
          </ActionButton>
        </View>
      </Sheet>
      <TypeTableSheet
        open={open && typing}
        unit={unit}
        onKept={(table) => {
          setTyping(false);
          onPick(table);
        }}
        onClose={() => setTyping(false)}
      />
    </>
  );
}
