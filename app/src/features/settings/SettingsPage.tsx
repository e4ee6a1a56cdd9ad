import type { ShopDto } from '@huff/contract/fix';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { blowerTables, shop as shopRecord } from '../../data/records';
import { ListRow, ListSection } from '../../ui/list';
import { Page } from '../../ui/page';
import { Txt } from '../../ui/text';
import { useIsWide } from '../../ui/theme';
import { CardSection } from './CardSection';
import { BeltSection } from './BeltSection';
import type { Editing, SectionProps } from './editing';
import { EffortSection } from './EffortSection';
import { EnergySection } from './EnergySection';
import { PartSection } from './PartSection';
import { SheaveSection } from './SheaveSection';
import { MeasuresRow } from './MeasuresRow';
import { SettingSheet } from './SettingSheet';

/** Behind the other places: what the shop sets for itself, and its lists. */
export function SettingsPage() {
  const { records, isError } = shopRecord.useList();
  const [editing, setEditing] = useState<Editing>();
  const [kept] = records;
  const shop = kept?.record;
  const keep = (changed: ShopDto) => {
    if (kept) shopRecord.change(kept, changed, 'Settings changed.');
    setEditing(undefined);
  };
  return (
    <Page title="Settings" under="Tables, targets, parts, costs" broad>
      <Sections
        props={shop && { shop, onEdit: setEditing, onShop: keep }}
        lacks={isError ? 'Shop settings have not loaded yet. Defaults are used.' : 'Loading settings…'}
      />
      {editing && (
        <SettingSheet key={editing.title} editing={editing} onShop={keep} onClose={() => setEditing(undefined)} />
      )}
    </Page>
  );
}

interface SectionsProps {
  /** Absent until the shop was read. */
  readonly props: SectionProps | undefined;
  /** Said instead of what is missing then. */
  readonly lacks: string;
}

/** Parts and tariff; beside them, where there is room, what the moves take. The lists keep their place when the shop arrives: what is open in them stays open. */
function Sections({ props, lacks }: SectionsProps) {
  const wide = useIsWide();
  const column = wide ? { flex: 1, gap: 22 } : { gap: 22 };
  return (
    <View style={{ paddingHorizontal: 16, flexDirection: wide ? 'row' : 'column', gap: wide ? 40 : 22 }}>
      <View style={column}>
        {props && <CardSection {...props} />}
        <Tables />
        {props ? (
          <>
            <EnergySection {...props} />
            <SheaveSection {...props} />
            <BeltSection {...props} />
          </>
        ) : (
          <Txt color="softInk">{lacks}</Txt>
        )}
      </View>
      <View style={column}>
        {props && (
          <>
            <PartSection {...props} />
            <EffortSection {...props} />
          </>
        )}
      </View>
    </View>
  );
}

function Tables() {
  const { records } = blowerTables.useList();
  const says = records.length === 1 ? '1 table' : `${records.length} tables`;
  return (
    <ListSection title="Judging">
      <ListRow
        name="Blower tables"
        says={says}
        figure
        label={`Blower tables: ${says}`}
        onPress={() => router.push('/settings/tables')}
      />
      <ListRow
        name="Targets and limits"
        under="targets, ranges, budgets, methods, errors"
        onPress={() => router.push('/settings/rules')}
      />
      <ListRow
        name="Likelihood of causes"
        under="how often each cause is met"
        onPress={() => router.push('/settings/odds')}
      />
      <ListRow
        name="People and phones"
        under="who comes in, codes for phones, sign-in"
        onPress={() => router.push('/settings/people')}
      />
      <ListRow
        name="Import and export"
        under="export or import the whole shop or one site"
        onPress={() => router.push('/settings/data')}
      />
      <ListRow
        name="Truck stock"
        under="count of each part; visits use them up"
        onPress={() => router.push('/settings/stock')}
      />
      <ListRow name="Email" under="drafts of reports and reminders" onPress={() => router.push('/settings/mail')} />
      <ListRow name="Practice" under="units with hidden faults to learn on" onPress={() => router.push('/practice')} />
      <ListRow
        name="Guide"
        under="first visit in ten steps; working without a signal; where the data is"
        onPress={() => router.push('/guide')}
      />
      <MeasuresRow />
    </ListSection>
  );
}
