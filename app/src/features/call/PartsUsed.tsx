import { unitPartsOf } from '@huff/contract/call';
import type { FactDto, VisitDto } from '@huff/contract';
import { partsUsed, type PartUsed, type StockedPart } from '@huff/core/call';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { IconAction } from '../../ui/icons';
import { v4 as uuid } from 'uuid';
import { useStock } from '../../data/useStock';
import { useShop } from '../../data/useShop';
import { ActionButton, TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Heading, Txt } from '../../ui/text';
import { moneyText } from '../../ui/text/effortText';
import { usePalette } from '../../ui/theme';
import { useWholeVisit } from '../visitState/WholeVisit';

const NAME_LENGTH = 80;

/** The visit with a part taken, or with another count of one that was: none puts it back. */
export function withPart(
  visit: VisitDto,
  part: Pick<PartUsed, 'key' | 'name' | 'count' | 'cost'> & { readonly factId?: string },
  now: Date,
): VisitDto {
  const { factId, key, name, count, cost } = part;
  const fact: FactDto = {
    id: uuid(),
    kind: 'part',
    inputs: { key, name, count, ...(cost === undefined ? {} : { cost }) },
    takenAt: now.toISOString(),
    replacesId: factId ?? null,
  };
  return { ...visit, facts: [...(visit.facts ?? []), fact] };
}

/** Parts taken from the truck at this visit: they go off its stock, and stand on the owner’s page. */
export function PartsUsed() {
  const { whole, setWhole } = useWholeVisit();
  const palette = usePalette();
  const { currency } = useShop();
  const [taking, setTaking] = useState(false);
  const used = partsUsed(whole.facts ?? []);
  const say = (part: PartUsed, count: number) => setWhole(withPart(whole, { ...part, count }, new Date()));
  return (
    <View>
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        <Heading size={17} style={{ flex: 1 }}>
          Parts used
        </Heading>
        <TextButton onPress={() => setTaking(true)}>Add part</TextButton>
      </View>
      {used.map((part) => (
        <View
          key={part.factId}
          style={{ flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, borderColor: palette.line }}
        >
          <View style={{ flex: 1 }}>
            <Txt bold>{part.name}</Txt>
            {part.cost !== undefined && (
              <Txt size={14} color="softInk" figures>
                {`${moneyText(part.cost, currency)} each`}
              </Txt>
            )}
          </View>
          <IconAction
            icon="minus"
            size={24}
            accessibilityLabel={part.count === 1 ? `Put ${part.name} back` : `${part.name}: one less`}
            onPress={() => say(part, part.count - 1)}
          />
          <Txt size={20} bold figures align="center" style={{ minWidth: 28 }}>
            {String(part.count)}
          </Txt>
          <IconAction
            icon="plus"
            size={24}
            accessibilityLabel={`${part.name}: one more`}
            onPress={() => say(part, part.count + 1)}
          />
        </View>
      ))}
      <Sheet open={taking} onClose={() => setTaking(false)} title="Add part">
        {taking && (
          <TakePart
            unit={unitPartsOf(whole)}
            onTake={(part) => {
              const there = used.find(({ key }) => key === part.key);
              setWhole(
                withPart(whole, there ? { ...there, count: there.count + 1 } : { ...part, count: 1 }, new Date()),
              );
              setTaking(false);
            }}
          />
        )}
      </Sheet>
    </View>
  );
}

type UnitParts = ReturnType<typeof unitPartsOf>;
type Taken = Pick<PartUsed, 'key' | 'name' | 'cost'>;

/** What this unit takes stands first, then what is carried, then what is bought. */
const rank = (part: StockedPart, { belt, filters }: UnitParts): number => {
  const own =
    (belt !== undefined && part.mark === belt) ||
    filters.some(({ widthIn, heightIn }) => part.widthIn === widthIn && part.heightIn === heightIn);
  return own ? 0 : part.onTruck ? 1 : 2;
};

function TakePart({ unit, onTake }: { readonly unit: UnitParts; readonly onTake: (part: Taken) => void }) {
  const palette = usePalette();
  const shop = useShop();
  const [words, setWords] = useState('');
  const parts = [...useStock()].sort((a, b) => rank(a, unit) - rank(b, unit) || a.name.localeCompare(b.name));
  const name = words.trim();
  return (
    <View style={{ gap: 8 }}>
      {parts.map((part) => {
        const where = !part.onTruck ? 'bought' : part.left === undefined ? 'on the truck' : `${part.left} on the truck`;
        return (
          <Pressable
            key={part.key}
            role="button"
            onPress={() => onTake(part)}
            style={{
              minHeight: 52,
              flexDirection: 'row',
              alignItems: 'center',
              gap: 12,
              borderBottomWidth: 1,
              borderColor: palette.line,
            }}
          >
            <Txt bold={rank(part, unit) === 0} style={{ flex: 1 }}>
              {part.name}
            </Txt>
            <Txt size={14} color="softInk" figures>
              {`${where} · ${moneyText(part.cost, shop.currency)}`}
            </Txt>
          </Pressable>
        );
      })}
      <TextInput
        mode="outlined"
        label="Other part"
        accessibilityLabel="Other part"
        value={words}
        maxLength={NAME_LENGTH - 10}
        onChangeText={setWords}
      />
      <ActionButton
        quiet
        disabled={name === ''}
        onPress={() => onTake({ key: `words:${name.toLowerCase()}`.slice(0, NAME_LENGTH), name })}
      >
        Add it
      </ActionButton>
    </View>
  );
}
