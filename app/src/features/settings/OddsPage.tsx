import { ODDS_FORM, oddsFaults, usualOdds, type NumberField } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { shop as shopRecord } from '../../data/records';
import { NumberSheet } from '../../ui/keypad';
import { ListRow, ListSection } from '../../ui/list';
import { Page } from '../../ui/page';
import { Txt } from '../../ui/text';

const FIELDS = Object.entries(ODDS_FORM.fields) as [string, NumberField][];

/** What the shop has met more or less often than is usual: where Power and Heat begin, before any test. */
export function OddsPage() {
  const [kept] = shopRecord.useList().records;
  const [asked, setAsked] = useState<string>();
  const odds: Readonly<Record<string, number | null>> = kept?.record.odds ?? {};
  const field = FIELDS.find(([id]) => id === asked)?.[1];
  const set = (id: string, value: number | null) => {
    if (kept)
      shopRecord.change(kept, { ...kept.record, odds: { ...odds, [id]: value } }, `${field?.label ?? 'Odds'} changed.`);
  };
  return (
    <Page title="Likelihood of causes" under="Starting point for Electrical and Heating" back="/settings">
      <View style={{ paddingHorizontal: 16, gap: 14 }}>
        <Txt color="softInk">
          Per 100 calls of a dead blower or no heat. Each test changes them. Change them if your calls differ.
        </Txt>
        <ListSection title="Causes">
          {FIELDS.map(([id, { label }]) => {
            const own = odds[id];
            const usual = usualOdds(id)!;
            const isOwn = own !== null && own !== undefined && own !== usual;
            return (
              <ListRow
                key={id}
                name={label}
                says={String(own ?? usual)}
                figure
                under={isOwn ? `shop setting; default ${usual}` : 'default, an estimate'}
                onPress={() => setAsked(id)}
              />
            );
          })}
        </ListSection>
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
