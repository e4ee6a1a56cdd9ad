import { unitText } from '@huff/core';
import { router, useLocalSearchParams } from 'expo-router';
import { Image, View } from 'react-native';
import { blowerTables } from '../../data/records';
import { useTablePhotos } from '../../data/visits';
import { ActionButton, Page, PageFoot, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { photoUrl } from '../photos/photoUrl';
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
        <Paper tableId={table.id} />
      </View>
    </Page>
  );
}

const PAPER_ASPECT = 4 / 3;

/** The paper that the table was read or typed from: a figure that is doubted is compared with it. */
function Paper({ tableId }: { readonly tableId: string }) {
  const photos = useTablePhotos(tableId);
  const palette = usePalette();
  if (photos.length === 0) return null;
  return (
    <View style={{ paddingTop: 12, gap: 8 }}>
      <Heading size={17}>Photo of the paper</Heading>
      {photos.map((photo, i) => (
        <Image
          key={photo.id}
          source={{ uri: photoUrl(photo) }}
          accessibilityLabel={`Paper, photo ${i + 1} of ${photos.length}`}
          style={{
            width: '100%',
            maxWidth: 720,
            aspectRatio: PAPER_ASPECT,
            borderRadius: 6,
            borderWidth: 1,
            borderColor: palette.line,
          }}
          resizeMode="contain"
        />
      ))}
    </View>
  );
}
