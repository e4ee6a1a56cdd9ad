import { AIR_ODDS_FORM, CALL_ODDS_FORM, ODDS_FORM, oddsFaults, usualOdds, type NumberField } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { shop as shopRecord } from '../../data/records';
import { NumberSheet } from '../../ui/keypad';
import { ListRow, ListSection } from '../../ui/list';
import { Page } from '../../ui/page';
import { Txt } from '../../ui/text';

const fieldsOf = ({ fields }: typeof ODDS_FORM) => Object.entries(fields) as [string, NumberField][];

const PARTS = [
  { title: 'Dead blower or no heat', fields: fieldsOf(CALL_ODDS_FORM) },
  { title: 'Airflow and refrigerant', fields: fieldsOf(AIR_ODDS_FORM) },
];

/** What the shop has met more or less often than is usual: where Electrical, Heating and Causes begin, before any test. */
export function OddsPage() {
  const [kept] = shopRecord.useList().records;
  const [asked, setAsked] = useState<string>();
  const odds: Readonly<Record<string, number | null>> = kept?.record.odds ?? {};
  const field = asked === undefined ? undefined : (ODDS_FORM.fields[asked] as NumberField);
  const set = (id: string, value: number | null) => {
    if (kept)
      shopRecord.change(kept, { ...kept.record, odds: { ...odds, [id]: value } }, `${field?.label ?? 'Odds'} changed.`);
  };
  return (
    <Page title="Likelihood of causes" under="Where each diagnosis starts" back="/settings">
      <View style={{ paddingHorizontal: 16, gap: 14 }}>
        <Txt color="softInk">
          Per 100 calls. Each test and each reading changes them. Change them if your calls differ.
        </Txt>
        {PARTS.map(({ title, fields }) => (
          <ListSection key={title} title={title}>
            {fields.map(([id, { label }]) => (
              <OddsRow key={id} label={label} own={odds[id]} usual={usualOdds(id)!} onPress={() => setAsked(id)} />
            ))}
          </ListSection>
        ))}
      </View>
      <NumberSheet
        asked={asked !== undefined && field ? { ...field, value: odds[asked] ?? usualOdds(asked) } : undefined}
        sideWords="usual"
        wrong={(value) => (asked === undefined ? undefined : oddsFaults({ [asked]: value })[0]?.message)}
        onKeep={(value) => {
          if (asked !== undefined) set(asked, value);
          setAsked(undefined);
        }}
        onClose={() => setAsked(undefined)}
      />
    </Page>
  );
}

interface OddsRowProps {
  readonly label: string;
  readonly own: number | null | undefined;
  readonly usual: number;
  readonly onPress: () => void;
}

/** One cause, with how often it is met and whose figure that is. */
function OddsRow({ label, own, usual, onPress }: OddsRowProps) {
  const isOwn = own !== null && own !== undefined && own !== usual;
  return (
    <ListRow
      name={label}
      says={String(own ?? usual)}
      figure
      under={isOwn ? `shop setting; default ${usual}` : 'default, an estimate'}
      onPress={onPress}
    />
  );
}
