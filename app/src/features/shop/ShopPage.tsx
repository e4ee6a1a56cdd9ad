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
import { ShopSheet } from './ShopSheet';

/** Behind the other places: what the shop sets for itself, and its lists. */
export function ShopPage() {
  const { records, isError } = shopRecord.useList();
  const [editing, setEditing] = useState<Editing>();
  const [kept] = records;
  const shop = kept?.record;
  const keep = (changed: ShopDto) => {
    if (kept) shopRecord.change(kept, changed, 'The shop’s figures are changed.');
    setEditing(undefined);
  };
  return (
    <Page title="Shop" under="Tables, rules, parts, minutes, money" broad>
      {shop ? (
        <Sections shop={shop} onEdit={setEditing} />
      ) : (
        <View style={{ paddingHorizontal: 16, gap: 22 }}>
          <Tables />
          <Txt color="softInk">
            {isError
              ? 'The shop’s figures have not been read from the server yet. The usual ones are taken.'
              : 'Reading the shop’s figures.'}
          </Txt>
        </View>
      )}
      {editing && (
        <ShopSheet key={editing.title} editing={editing} onShop={keep} onClose={() => setEditing(undefined)} />
      )}
    </Page>
  );
}

/** Parts and tariff; beside them, where there is room, what the moves take. */
function Sections(props: SectionProps) {
  const wide = useIsWide();
  const column = wide ? { flex: 1, gap: 22 } : { gap: 22 };
  return (
    <View style={{ paddingHorizontal: 16, flexDirection: wide ? 'row' : 'column', gap: wide ? 40 : 22 }}>
      <View style={column}>
        <CardSection {...props} />
        <Tables />
        <EnergySection {...props} />
        <SheaveSection {...props} />
        <BeltSection {...props} />
      </View>
      <View style={column}>
        <PartSection {...props} />
        <EffortSection {...props} />
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
        onPress={() => router.push('/shop/tables')}
      />
      <ListRow
        name="Rules"
        under="targets, bands, shares, schools, errors"
        onPress={() => router.push('/shop/rules')}
      />
      <ListRow
        name="Odds of causes"
        under="what keeps blowers and furnaces from running, before any test"
        onPress={() => router.push('/shop/odds')}
      />
      <ListRow
        name="Data out and in"
        under="the whole shop or one site as a file, and back"
        onPress={() => router.push('/shop/data')}
      />
      <ListRow
        name="Truck stock"
        under="what is left of each part; counted here, taken at visits"
        onPress={() => router.push('/shop/stock')}
      />
      <ListRow
        name="Mail"
        under="reports and reminders as they would be sent"
        onPress={() => router.push('/shop/mail')}
      />
      <ListRow
        name="Guide"
        under="a first visit in ten steps; what works without a signal; where the data lies"
        onPress={() => router.push('/guide')}
      />
      <MeasuresRow />
    </ListSection>
  );
}
