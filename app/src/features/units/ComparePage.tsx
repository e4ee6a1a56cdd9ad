import type { VisitDto } from '@huff/contract';
import { compareBlocks } from '@huff/paper';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { units } from '../../data/records';
import { useRules } from '../../data/useRules';
import { useShop } from '../../data/useShop';
import { useUnitVisits, useVisit } from '../../data/visits';
import { BlockView } from '../../ui/document';
import { Choice } from '../../ui/form';
import { Page } from '../../ui/page';
import { Txt, yearDateText } from '../../ui/text';
import { useIsWide } from '../../ui/theme';

/** Any two visits of a unit beside each other: what moved, and what was done between. */
export function ComparePage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const unit = units.useList().records.find(({ record }) => record.id === id)?.record;
  const { visits, isPending } = useUnitVisits(id);
  const [chosen, setChosen] = useState<{ readonly then?: string; readonly now?: string }>({});
  const now = chosen.now ?? visits[0]?.id;
  const then = chosen.then ?? visits.find((visit) => visit.id !== now)?.id;
  const options = visits.map((visit) => ({ id: visit.id, text: yearDateText(visit.startedAt) }));
  const other = (one: string | undefined) => options.filter((option) => option.id !== one);
  const wide = useIsWide();
  return (
    <Page title="Two visits" under={unit?.name} back={`/units/${id}`}>
      <View style={{ paddingHorizontal: 16, gap: 14 }}>
        {visits.length < 2 ? (
          <Txt color="softInk">{isPending ? 'Loading visits…' : 'Only one visit so far. You need two to compare.'}</Txt>
        ) : (
          <>
            <Pick name="Then" options={other(now)} chosen={then} onChoose={(then) => setChosen({ now, then })} />
            <Pick name="Now" options={other(then)} chosen={now} onChoose={(now) => setChosen({ now, then })} />
            {then !== undefined && now !== undefined && <Both then={then} now={now} width={wide ? 700 : 358} />}
          </>
        )}
      </View>
    </Page>
  );
}

interface PickProps {
  readonly name: string;
  readonly options: readonly { readonly id: string; readonly text: string }[];
  readonly chosen?: string;
  readonly onChoose: (id: string) => void;
}

function Pick({ name, ...choice }: PickProps) {
  return (
    <View style={{ gap: 4 }}>
      <Txt size={14} color="softInk">
        {name}
      </Txt>
      {/* In a row that is drawn along: a unit of ten years has forty visits. */}
      <ScrollView horizontal showsHorizontalScrollIndicator={false}>
        <Choice label={name} {...choice} />
      </ScrollView>
    </View>
  );
}

function Both({ then, now, width }: { readonly then: string; readonly now: string; readonly width: number }) {
  const [a, b] = [useVisit(then), useVisit(now)];
  if (a.kept && b.kept) return <Compared earlier={a.kept.record} later={b.kept.record} width={width} />;
  return (
    <Txt role="status" color="softInk">
      {a.isError || b.isError ? 'One of them is on the server. Try again with a signal.' : 'Loading both visits…'}
    </Txt>
  );
}

function Compared({
  earlier,
  later,
  width,
}: {
  readonly earlier: VisitDto;
  readonly later: VisitDto;
  readonly width: number;
}) {
  const rules = useRules();
  const { odds } = useShop();
  const blocks = useMemo(
    () =>
      compareBlocks({
        earlier,
        later,
        rules,
        odds,
        zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
        drawingWidth: width - 16,
      }),
    [earlier, later, rules, odds, width],
  );
  return (
    <View style={{ gap: 12 }}>
      {blocks.map((block, i) => (
        <BlockView key={`${block.kind}-${i}`} block={block} width={width} />
      ))}
    </View>
  );
}
