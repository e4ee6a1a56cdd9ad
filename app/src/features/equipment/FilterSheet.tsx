import { LIMITS, type FilterSetDto, type SetupDto, type UnitFactsDto } from '@huff/contract';
import { FILTER_MEDIA, FILTER_PLACES, shownText, unitText, type FilterPlace } from '@huff/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Choice } from '../../ui/form';
import { NumberSheet, type AskedNumber } from '../../ui/keypad';
import { ActionButton, TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { withSetup } from './changes';

interface FilterSheetProps {
  readonly open: boolean;
  readonly unit: UnitFactsDto;
  readonly onUnit: (unit: UnitFactsDto) => void;
  readonly onClose: () => void;
}

const PLACE_TEXT: Record<FilterPlace, string> = {
  atUnit: 'at the unit',
  atGrilles: 'at the return grilles',
  both: 'at both, in series',
};

type Side = 'count' | 'widthIn' | 'heightIn';
interface OpenSet {
  readonly count?: number | null;
  readonly widthIn?: number | null;
  readonly heightIn?: number | null;
}

/** Sets of filters as they are listed here: the first stands in fields of its own. */
function setsOf(setup: SetupDto | null | undefined): OpenSet[] {
  const { filterCount, filterWidthIn, filterHeightIn, moreFilters } = setup ?? {};
  return [{ count: filterCount, widthIn: filterWidthIn, heightIn: filterHeightIn }, ...(moreFilters ?? [])];
}

const isWhole = ({ count, widthIn, heightIn }: OpenSet): boolean => Boolean((count ?? 1) && widthIn && heightIn);

/** Where the filters are, their sizes by the set, their kind: what is typed is kept at once. */
export function FilterSheet({ open, unit, onUnit, onClose }: FilterSheetProps) {
  return (
    <Sheet open={open} onClose={onClose} title="Filters">
      {open && <Body unit={unit} onUnit={onUnit} onClose={onClose} />}
    </Sheet>
  );
}

function Body({ unit, onUnit, onClose }: Omit<FilterSheetProps, 'open'>) {
  const { setup } = unit;
  const [sets, setSets] = useState<readonly OpenSet[]>(() => setsOf(setup));
  const [asked, setAsked] = useState<{ readonly at: number; readonly side: Side } | 'collar'>();
  const keepSets = (next: readonly OpenSet[]) => {
    setSets(next);
    const [first = {}, ...more] = next;
    const whole = more.filter(isWhole).map((set): FilterSetDto => ({
      count: set.count ?? 1,
      widthIn: set.widthIn!,
      heightIn: set.heightIn!,
    }));
    onUnit(
      withSetup(unit, {
        filterCount: first.count ?? null,
        filterWidthIn: first.widthIn ?? null,
        filterHeightIn: first.heightIn ?? null,
        moreFilters: whole.length > 0 ? whole : null,
      }),
    );
  };
  const put = (value: number | null) => {
    if (asked === 'collar') onUnit(withSetup(unit, { bareGrilleCollarIn: value }));
    else if (asked) keepSets(sets.map((set, i) => (i === asked.at ? { ...set, [asked.side]: value } : set)));
    setAsked(undefined);
  };
  const atGrille = setup?.filterPlace === 'atGrilles' || setup?.filterPlace === 'both';
  return (
    <View style={{ gap: 14 }}>
      {unit.layout !== 'makeUpAir' && (
        <Choice
          label="Filter location"
          options={FILTER_PLACES.map((id) => ({ id, text: PLACE_TEXT[id] }))}
          chosen={setup?.filterPlace ?? 'atUnit'}
          onChoose={(filterPlace) => onUnit(withSetup(unit, { filterPlace }))}
        />
      )}
      {setup?.filterPlace === 'both' && (
        <Txt size={15}>Filters in series are a mistake unless sized for it: together they get one budget.</Txt>
      )}
      {sets.map((set, i) => (
        <View key={i} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          <Cell
            name={`Filters, size ${i + 1}`}
            text={String(set.count ?? 1)}
            onPress={() => setAsked({ at: i, side: 'count' })}
          />
          <Txt>of</Txt>
          <Cell
            name={`Width, size ${i + 1}`}
            text={set.widthIn ? shownText(set.widthIn, 'in', 1) : '–'}
            onPress={() => setAsked({ at: i, side: 'widthIn' })}
          />
          <Txt>×</Txt>
          <Cell
            name={`Height, size ${i + 1}`}
            text={set.heightIn ? shownText(set.heightIn, 'in', 1) : '–'}
            onPress={() => setAsked({ at: i, side: 'heightIn' })}
          />
          <Txt color="softInk">{unitText('in')}</Txt>
        </View>
      ))}
      {sets.length <= LIMITS.filterSets.max && sets.every(isWhole) && (
        <TextButton onPress={() => setSets([...sets, { count: 1 }])}>Add another size</TextButton>
      )}
      <Txt size={14} color="softInk">
        Kind, printed on frame
      </Txt>
      <Choice
        label="Filter kind"
        options={FILTER_MEDIA.map(({ id, text }) => ({ id, text }))}
        chosen={setup?.filterMedia ?? null}
        onChoose={(filterMedia) => onUnit(withSetup(unit, { filterMedia }))}
      />
      {atGrille && (
        <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
          <Txt style={{ flex: 1 }}>Collar above ceiling grille</Txt>
          <Cell
            name="Collar"
            text={setup?.bareGrilleCollarIn ? shownText(setup.bareGrilleCollarIn, 'in', 1) : '–'}
            onPress={() => setAsked('collar')}
          />
          <Txt color="softInk">{unitText('in')}</Txt>
        </View>
      )}
      <ActionButton quiet onPress={onClose}>
        Done
      </ActionButton>
      <NumberSheet
        asked={asked === undefined ? undefined : askedOf(asked, sets, setup)}
        onKeep={put}
        onClose={() => setAsked(undefined)}
      />
    </View>
  );
}

function askedOf(
  asked: { readonly at: number; readonly side: Side } | 'collar',
  sets: readonly OpenSet[],
  setup: SetupDto | null | undefined,
): AskedNumber {
  if (asked === 'collar')
    return { label: 'Collar', unit: 'in', ...LIMITS.filterSideIn, value: setup?.bareGrilleCollarIn };
  const value = sets[asked.at]?.[asked.side];
  if (asked.side === 'count') return { label: 'Number of filters', unit: 'count', ...LIMITS.filterCount, value };
  return {
    label: asked.side === 'widthIn' ? 'Filter width' : 'Filter height',
    unit: 'in',
    ...LIMITS.filterSideIn,
    value,
  };
}

interface CellProps {
  readonly name: string;
  readonly text: string;
  readonly onPress: () => void;
}

function Cell({ name, text, onPress }: CellProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${name}: ${text}. Change`}
      onPress={onPress}
      style={{
        minHeight: 52,
        minWidth: 64,
        paddingHorizontal: 8,
        borderBottomWidth: 2,
        borderColor: palette.ink,
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      <Txt size={22} bold figures>
        {text}
      </Txt>
    </Pressable>
  );
}
