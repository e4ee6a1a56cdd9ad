import { readKept } from '@huff/core';
import { OUTCOME_TEXT } from '@huff/core/call';
import { View } from 'react-native';
import { useUnitVisits } from '../../data/visits';
import { useShop } from '../../data/useShop';
import { ListSection } from '../../ui/list';
import { Txt, yearDateText } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** What was found at the unit and is not fixed: it stands at every visit until it is. */
export function CarriedOver({ unitId }: { readonly unitId: string }) {
  const palette = usePalette();
  const { currency } = useShop();
  const { visits } = useUnitVisits(unitId);
  const last = visits.find(({ summary }) => summary?.found);
  // What the air does now stands in the figures above; what was quoted, declined or watched of it stands here.
  const items = (last?.summary?.found ?? []).filter(
    ({ measuredBy, outcome }) => outcome !== 'dealtWith' && !(measuredBy === 'air' && outcome === 'open'),
  );
  if (items.length === 0) return null;
  return (
    <ListSection title="Carried over">
      {items.map(({ id, words, outcome, quoted, since }) => (
        <View
          key={id}
          style={{
            flexDirection: 'row',
            gap: 12,
            borderTopWidth: 1,
            borderColor: palette.line,
            paddingVertical: 10,
          }}
        >
          <View style={{ flex: 1 }}>
            <Txt>{readKept(words)}</Txt>
            <Txt size={14} color="softInk">
              {`since ${yearDateText(since)}`}
            </Txt>
          </View>
          <Txt size={15} color="softInk">
            {`${OUTCOME_TEXT[outcome]}${quoted === undefined ? '' : ` ${currency}${quoted}`}`}
          </Txt>
        </View>
      ))}
    </ListSection>
  );
}
