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
    <Page title="Odds of causes" under="Where Power and Heat begin" back="/shop">
      <View style={{ paddingHorizontal: 16, gap: 14 }}>
        <Txt color="softInk">
          In 100 calls of a blower that does not run, or a furnace that does not heat. Each test moves these; where your
          calls are other than usual, say so.
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
                under={isOwn ? `the shop’s; usual is ${usual}` : 'usual, a judgement and no count'}
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
