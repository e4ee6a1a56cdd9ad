import { Link, router } from 'expo-router';
import { View } from 'react-native';
import { blowerTables } from '../../data/records';
import { Icon } from '../../ui/icons';
import { ActionButton, Page, PageFoot } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { tableLine } from './tableLine';

/** The shop's blower tables. */
export function TablesPage() {
  const palette = usePalette();
  const { records, isPending, isError } = blowerTables.useList();
  const foot = (
    <PageFoot>
      <ActionButton onPress={() => router.push('/settings/tables/type')} aside="two cells are enough">
        Enter blower table
      </ActionButton>
      <ActionButton quiet onPress={() => router.push('/settings/tables/import')} aside="CSV">
        Import from a file
      </ActionButton>
    </PageFoot>
  );
  return (
    <Page title="Blower tables" under="Airflow by tap and static" back="/settings" foot={foot}>
      <View style={{ paddingHorizontal: 16 }}>
        {[...records]
          .sort(
            (a, b) =>
              Number(Boolean(a.record.archivedAt)) - Number(Boolean(b.record.archivedAt)) ||
              a.record.name.localeCompare(b.record.name),
          )
          .map(({ record: table, sending }) => (
            <Link
              key={table.id}
              href={`/settings/tables/${table.id}`}
              style={{
                display: 'flex',
                flexDirection: 'row',
                alignItems: 'center',
                borderTopWidth: 1,
                borderColor: palette.line,
                minHeight: 66,
                gap: 10,
              }}
            >
              <View style={{ flex: 1 }}>
                <Txt size={17} bold>
                  {table.name}
                </Txt>
                <Txt size={14} color="softInk" figures>
                  {tableLine(table)}
                  {table.archivedAt ? ' · archived' : ''}
                  {sending === 'waiting' ? ' · not synced yet' : ''}
                  {sending === 'refused' || sending === 'conflict' ? ' · needs your attention' : ''}
                </Txt>
              </View>
              <Icon name="chevron-right" />
            </Link>
          ))}
        {records.length === 0 && !isPending && (
          <Txt color="softInk">
            {isError
              ? 'Tables have not loaded yet.'
              : 'No tables yet. Enter one, or import a CSV file: one row per tap, statics across.'}
          </Txt>
        )}
      </View>
    </Page>
  );
}
