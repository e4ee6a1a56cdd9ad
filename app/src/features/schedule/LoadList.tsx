import type { LoadLine } from '@huff/core/call';
import { useState } from 'react';
import { Linking, View } from 'react-native';
import { loadAddress, useLoad, type LoadDays } from '../../data/useLoad';
import { Choice } from '../../ui/form';
import { TextButton } from '../../ui/page';
import { Heading, ToldAt, Txt } from '../../ui/text';
import { moneyText } from '../../ui/text/effortText';
import { usePalette } from '../../ui/theme';

interface LoadListProps {
  readonly days: LoadDays;
  /** Of the plan as it stands. */
  readonly mark: string;
}

/** What is loaded for the stops of some days, and what of it is bought before: the same list, looked at twice. */
export function LoadList({ days, mark }: LoadListProps) {
  const { load, isPending, isError, saidAt } = useLoad(days, mark);
  const [list, setList] = useState<'load' | 'buy'>('load');
  const lines = load?.lines ?? [];
  const short = lines.filter((line) => line.short > 0);
  const sum = short.reduce((money, line) => money + (line.cost ?? 0) * line.short, 0);
  const shown = list === 'load' ? lines : short;
  const currency = load?.currency ?? '$';
  return (
    <View style={{ gap: 8 }} role="region" aria-label="Truck load">
      <Heading size={19}>Load</Heading>
      {isError && !saidAt && <Txt role="status">The truck load comes from the server. Try again with a signal.</Txt>}
      <ToldAt at={saidAt} />
      {isPending && <Txt color="softInk">Adding up the truck load…</Txt>}
      {load && (
        <>
          <Choice
            label="Which list"
            as="strip"
            options={[
              { id: 'load', text: `Load, ${lines.length}` },
              { id: 'buy', text: `Buy, ${short.length}` },
            ]}
            chosen={list}
            onChoose={setList}
          />
          {shown.length === 0 && (
            <Txt color="softInk">
              {list === 'buy'
                ? 'Nothing to buy. Everything needed is on the truck.'
                : load.stops === 0
                  ? 'No jobs on these days.'
                  : 'Missing: filters and belts. Enter them at the units.'}
            </Txt>
          )}
          {shown.map((line) => (
            <Line key={line.part} line={line} list={list} currency={currency} />
          ))}
          {list === 'buy' && short.length > 0 && (
            <Txt bold align="right" figures>{`${moneyText(sum, currency)}${
              short.some(({ cost }) => cost === undefined) ? ' and what has no price here' : ''
            }`}</Txt>
          )}
          {shown.length > 0 && (
            <View style={{ flexDirection: 'row', columnGap: 24, flexWrap: 'wrap' }}>
              <TextButton onPress={() => void Linking.openURL(`${loadAddress('/list.csv', days)}&list=${list}`)}>
                Save CSV
              </TextButton>
              <TextButton onPress={() => globalThis.print()}>Print</TextButton>
            </View>
          )}
        </>
      )}
    </View>
  );
}

function Line({
  line: { part, need, onTruck, isUncounted, short, cost, why },
  list,
  currency,
}: {
  readonly line: LoadLine;
  readonly list: 'load' | 'buy';
  readonly currency: string;
}) {
  const palette = usePalette();
  const truck = isUncounted ? 'on truck, count unknown' : `${onTruck ?? 0} on the truck`;
  const says = list === 'load' ? truck : cost === undefined ? 'no price here' : `${moneyText(cost, currency)} each`;
  return (
    <View style={{ flexDirection: 'row', gap: 12, borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8 }}>
      <Txt size={20} bold figures style={{ minWidth: 34 }}>
        {String(list === 'load' ? need : short)}
      </Txt>
      <View style={{ flex: 1 }}>
        <Txt bold>{part}</Txt>
        <Txt size={14} color="softInk">
          {why.join(' · ')}
        </Txt>
      </View>
      <View style={{ maxWidth: 130 }}>
        <Txt size={14} color="softInk" align="right" figures>
          {says}
        </Txt>
        {list === 'load' && short > 0 && (
          <Txt size={14} bold color="action" align="right" figures>
            {`${short} short`}
          </Txt>
        )}
      </View>
    </View>
  );
}
