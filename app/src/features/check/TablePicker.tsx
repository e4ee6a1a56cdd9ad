import type { BlowerTableDto } from '@huff/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { List, Searchbar } from 'react-native-paper';
import { blowerTables } from '../../data/records';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { tableLine } from '../tables/tableLine';

interface TablePickerProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly onPick: (table: BlowerTableDto) => void;
}

/** The shop's blower tables to choose from, and the way to bring in another. */
export function TablePicker({ open, onClose, onPick }: TablePickerProps) {
  const { records, isError } = blowerTables.useList();
  const [sought, setSought] = useState('');
  const words = sought.toLowerCase().split(/\s+/);
  const found = records.map((k) => k.record).filter((t) => words.every((w) => t.name.toLowerCase().includes(w)));
  const importOne = () => {
    onClose();
    router.push('/shop/tables/import');
  };
  return (
    <Sheet open={open} onClose={onClose} title="Blower table">
      <View style={{ gap: 8 }}>
        {records.length > 6 && (
          <Searchbar
            icon="magnify"
            placeholder="Name of the table"
            accessibilityLabel="Search tables"
            value={sought}
            onChangeText={setSought}
          />
        )}
        {found.map((table) => (
          <List.Item
            key={table.id}
            title={table.name}
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
              ? 'No table of that name.'
              : isError
                ? 'The tables have not been read from the server yet. Import one from a file, or try again with a signal.'
                : 'No table yet: import the maker’s table from a CSV file, or go on without: a usual curve of the motor’s kind stands in.'}
          </Txt>
        )}
        <ActionButton quiet onPress={importOne} aside="CSV">
          Import a maker’s table
        </ActionButton>
      </View>
    </Sheet>
  );
}
