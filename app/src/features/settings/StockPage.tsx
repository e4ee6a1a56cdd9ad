import { withCounts } from '@huff/contract/fix';
import { PART_KINDS, type PartKind, type StockedPart } from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { IconAction } from '../../ui/icons';
import { shop as shopRecord } from '../../data/records';
import { useStock } from '../../data/useStock';
import { ActionButton, Page, PageFoot } from '../../ui/page';
import { dateText, Heading, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';

const TITLE: Readonly<Record<PartKind, string>> = {
  belt: 'Belts',
  sheave: 'Sheaves',
  filter: 'Filters',
  capacitor: 'Capacitors',
  contactor: 'Contactors',
  motor: 'Motors',
  other: 'Others',
};

const MOST = 999;

/** The truck, counted: what is taken at visits goes off from then on. */
export function StockPage() {
  const wide = useIsWide();
  const [kept] = shopRecord.useList().records;
  const [counts, setCounts] = useState<ReadonlyMap<string, number>>(new Map());
  const carried = useStock().filter(({ onTruck }) => onTruck);
  const keep = () => {
    if (kept) shopRecord.change(kept, withCounts(kept.record, counts, new Date().toISOString()), 'Count saved.');
    setCounts(new Map());
  };
  return (
    <Page
      title="Truck stock"
      under="Parts on the truck"
      back="/settings"
      broad
      foot={
        <PageFoot broad>
          <ActionButton disabled={counts.size === 0} onPress={keep} aside={counts.size > 0 && `${counts.size} changed`}>
            Save count
          </ActionButton>
        </PageFoot>
      }
    >
      <View style={{ paddingHorizontal: 16, gap: 18, ...(wide ? { flexDirection: 'row', flexWrap: 'wrap' } : {}) }}>
        {carried.length === 0 && (
          <Txt color="softInk">No parts on the truck. Mark belts and parts as carried under Settings.</Txt>
        )}
        {PART_KINDS.filter((kind) => carried.some((part) => part.kind === kind)).map((kind) => (
          <View key={kind} style={wide ? { width: 500 } : undefined}>
            <Heading size={17}>{TITLE[kind]}</Heading>
            {carried
              .filter((part) => part.kind === kind)
              .map((part) => (
                <StockRow
                  key={part.key}
                  part={part}
                  left={counts.get(part.key) ?? part.left}
                  onCount={(count) => setCounts(new Map([...counts, [part.key, count]]))}
                />
              ))}
          </View>
        ))}
      </View>
    </Page>
  );
}

interface StockRowProps {
  readonly part: StockedPart;
  /** Absent while nobody counted. */
  readonly left?: number;
  readonly onCount: (count: number) => void;
}

function StockRow({ part: { name, count }, left, onCount }: StockRowProps) {
  const palette = usePalette();
  const counted = count ? `${count.counted} counted ${dateText(count.countedAt)}` : 'not counted yet';
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, borderColor: palette.line }}>
      <View style={{ flex: 1 }}>
        <Txt bold>{name}</Txt>
        <Txt size={14} color="softInk" figures>
          {counted}
        </Txt>
      </View>
      <IconAction
        icon="minus"
        size={26}
        accessibilityLabel={`${name}: one less`}
        disabled={!left}
        onPress={() => onCount((left ?? 0) - 1)}
      />
      <Txt
        size={22}
        bold
        figures
        align="center"
        style={{ minWidth: 40 }}
        aria-label={`${name}: ${left ?? 'not counted'}`}
      >
        {left === undefined ? '–' : String(left)}
      </Txt>
      <IconAction
        icon="plus"
        size={26}
        accessibilityLabel={`${name}: one more`}
        disabled={left === MOST}
        onPress={() => onCount((left ?? 0) + 1)}
      />
    </View>
  );
}
