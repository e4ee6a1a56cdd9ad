import { unitText } from '@huff/core';
import { router, useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { blowerTables } from '../../data/records';
import { ActionButton, Page, PageFoot, TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { exportTable } from './exportTable';
import { FiguresTable } from './FiguresTable';
import { tableLine } from './tableLine';

/** One blower table, and its way out as CSV. */
export function TablePage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { records, isPending } = blowerTables.useList();
  const kept = records.find((k) => k.record.id === id);
  const table = kept?.record;
  if (!kept || !table) {
    return (
      <Page title="Blower table" back="/settings/tables">
        <View style={{ padding: 16 }}>
          <Txt>{isPending ? 'Loading table…' : 'No such table.'}</Txt>
        </View>
      </Page>
    );
  }
  const archive = () =>
    blowerTables.change(
      kept,
      { ...table, archivedAt: table.archivedAt ? null : new Date().toISOString() },
      table.archivedAt ? `${table.name} is back.` : `${table.name} archived. Visits keep their copy.`,
    );
  const foot = (
    <PageFoot>
      <View style={{ flexDirection: 'row', columnGap: 24, flexWrap: 'wrap' }}>
        <TextButton onPress={() => router.push(`/settings/tables/type?correct=${table.id}`)}>Edit table</TextButton>
        <TextButton onPress={() => router.push(`/settings/tables/type?from=${table.id}`)}>Copy as new</TextButton>
        <TextButton onPress={archive}>{table.archivedAt ? 'Restore' : 'Archive'}</TextButton>
      </View>
      <ActionButton quiet onPress={() => exportTable(table)} aside="CSV file">
        Export this table
      </ActionButton>
    </PageFoot>
  );
  return (
    <Page title={table.name} under={tableLine(table)} back="/settings/tables" foot={foot}>
      <View style={{ paddingHorizontal: 16, gap: 8 }}>
        <FiguresTable figures={table} />
        <Txt size={14} color="softInk">
          {table.byRpm ? `RPM and brake horsepower by ${unitText('cfm')} and` : `${unitText('cfm')} at`} external
          static,
          {` ${unitText('inWc')} `}A dash is a cell the manufacturer leaves blank. Huff never fills it in.
        </Txt>
      </View>
    </Page>
  );
}
