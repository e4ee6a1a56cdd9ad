import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { blowerTables } from '../../data/records';
import { ActionButton, Page } from '../../ui/page';
import { Txt } from '../../ui/text';
import { exportTable } from './exportTable';
import { FiguresTable } from './FiguresTable';
import { tableLine } from './tableLine';

/** One blower table, and its way out as CSV. */
export function TablePage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { records, isPending } = blowerTables.useList();
  const table = records.find((k) => k.record.id === id)?.record;
  if (!table) {
    return (
      <Page title="Blower table" back="/shop/tables">
        <View style={{ padding: 16 }}>
          <Txt>{isPending ? 'Reading the table.' : 'There is no such table here.'}</Txt>
        </View>
      </Page>
    );
  }
  const foot = (
    <View style={{ padding: 16, maxWidth: 760 }}>
      <ActionButton quiet onPress={() => exportTable(table)} aside="CSV file">
        Export this table
      </ActionButton>
    </View>
  );
  return (
    <Page title={table.name} under={tableLine(table)} back="/shop/tables" foot={foot}>
      <View style={{ paddingHorizontal: 16, gap: 8 }}>
        <FiguresTable figures={table} />
        <Txt size={14} color="softInk">
          {table.byRpm ? 'RPM and brake horsepower by CFM and' : 'CFM at'} external static in. w.c. A dash is a cell the
          maker leaves blank: it is never filled in.
        </Txt>
      </View>
    </Page>
  );
}
