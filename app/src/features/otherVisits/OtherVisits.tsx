import type { VisitDto } from '@huff/contract';
import { splitTitle } from '@huff/contract/spine';
import { router } from 'expo-router';
import { Pressable, View } from 'react-native';
import { sites, units } from '../../data/records';
import { byServer, useOpenedAt } from '../../data/serverClock';
import { useSyncStatus } from '../../data/useOutbox';
import { useRules } from '../../data/useRules';
import { drafts, useDraft, useVisitList } from '../../data/visits';
import { TextButton } from '../../ui/page';
import { clockText, Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { quickCheck } from '../visitState/newVisit';
import { useStartVisit } from '../visitState/useStartVisit';
import { otherUnits, type OpenedToday } from './otherUnits';

interface OtherVisitsProps {
  readonly visit: VisitDto;
}

const clock = ({ startedAt }: OpenedToday) => clockText(startedAt);

/** The other units of this address and the other checks of today, a touch away at the step they were left at; and one more unit. */
export function OtherVisits({ visit }: OtherVisitsProps) {
  const rules = useRules();
  const draft = useDraft();
  const { visits } = useVisitList();
  const unitList = units.useList().records.map(({ record }) => record);
  const siteList = sites.useList().records.map(({ record }) => record);
  const { start } = useStartVisit();
  const now = useOpenedAt();
  const { clockOffsetMs = 0 } = useSyncStatus();
  const unsaved =
    draft && !visits.some(({ id }) => id === draft.id)
      ? [{ ...draft, startedAt: byServer(draft.startedAt, clockOffsetMs) }]
      : [];
  const others = otherUnits({ visit, visits: [...unsaved, ...visits], units: unitList, sites: siteList, now });
  const { site, here, unnamedHere, elsewhere } = others;
  const goTo = ({ id }: OpenedToday) => router.replace(draft?.id === id ? '/quick' : `/visits/${id}`);
  const checkAnother = () => {
    // What was read here is saved as it is.
    drafts.open(quickCheck(new Date(), rules, site));
    router.replace('/quick');
  };
  const rowTo = (one: OpenedToday, name: string) => (
    <Row key={one.id} name={name} aside={clock(one)} label={`Go to ${name}, ${clock(one)}`} onPress={() => goTo(one)} />
  );
  return (
    <View style={{ gap: 12 }}>
      <View>
        <Heading size={17}>{site ? `Other units at ${site.name}` : 'Other units today'}</Heading>
        {here.map(({ unit, today }) =>
          today ? (
            rowTo(today, unit.name)
          ) : (
            <Row
              key={unit.id}
              name={unit.name}
              aside="start"
              label={`Start a visit at ${unit.name}`}
              onPress={() => start(unit, () => router.replace('/quick'))}
            />
          ),
        )}
        {unnamedHere.map((one) => rowTo(one, splitTitle(one.title).name))}
        {!site && elsewhere.map((one) => rowTo(one, one.title))}
        <TextButton onPress={checkAnother}>{site ? 'Check unlisted unit' : 'Check another unit'}</TextButton>
      </View>
      {site && elsewhere.length > 0 && (
        <View>
          <Heading size={17}>Elsewhere today</Heading>
          {elsewhere.map((one) => rowTo(one, one.title))}
        </View>
      )}
    </View>
  );
}

interface RowProps {
  readonly name: string;
  readonly aside: string;
  readonly label: string;
  readonly onPress: () => void;
}

function Row({ name, aside, label, onPress }: RowProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        minHeight: 52,
        borderBottomWidth: 1,
        borderColor: palette.line,
      }}
    >
      <Txt bold style={{ flex: 1 }} numberOfLines={1}>
        {name}
      </Txt>
      <Txt size={15} color="softInk" figures>
        {aside}
      </Txt>
    </Pressable>
  );
}
