import type { VisitSummary } from '@huff/contract/spine';
import { flowWords, staticText } from '@huff/core';
import { format } from 'date-fns/format';
import { Link, router } from 'expo-router';
import { View } from 'react-native';
import { useUnitVisits } from '../../data/visits';
import { ListSection } from '../../ui/list';
import { VerdictMark } from '../../ui/marks';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { WithSummary } from '../visitState/WithSummary';

/** How many of its visits a unit's page lists. */
const SHOWN = 8;

/** The last visits of a unit: when, what was found, what to do. */
export function UnitVisits({ unitId }: { readonly unitId: string }) {
  const { visits, isPending, isError } = useUnitVisits(unitId);
  return (
    <ListSection
      title="Visits"
      add="Compare two"
      onAdd={visits.length > 1 ? () => router.push(`/units/${unitId}/compare`) : undefined}
    >
      {visits.slice(0, SHOWN).map((visit) => (
        <WithSummary key={visit.id} visit={visit}>
          {(summary) => <VisitLine summary={summary} />}
        </WithSummary>
      ))}
      {visits.length === 0 && (
        <Txt color="softInk">
          {isPending
            ? 'Looking for its visits.'
            : isError
              ? 'Its visits are on the server: try again with a signal.'
              : 'No visit yet.'}
        </Txt>
      )}
      {visits.length > 0 && isError && (
        <Txt size={14} color="softInk">
          Older ones are on the server: try again with a signal.
        </Txt>
      )}
    </ListSection>
  );
}

function VisitLine({ summary }: { readonly summary: VisitSummary }) {
  const palette = usePalette();
  const { id, startedAt, headline, flowCfm, staticInWc, flowWord, staticWord } = summary;
  return (
    <Link
      href={`/visits/${id}`}
      style={{
        display: 'flex',
        flexDirection: 'row',
        gap: 10,
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 10,
        minHeight: 56,
      }}
    >
      <Txt size={14} color="softInk" figures style={{ width: 60, paddingTop: 2 }}>
        {format(startedAt, 'd MMM')}
      </Txt>
      <View style={{ flex: 1 }}>
        <Txt bold>{headline}</Txt>
        {flowCfm !== null && staticInWc !== null && (
          <Txt size={14} color="softInk" figures>
            {`${flowWords(flowCfm)} at ${staticText(staticInWc)}`}
          </Txt>
        )}
      </View>
      <VerdictMark word={flowWord === 'cantSay' ? staticWord : flowWord} />
    </Link>
  );
}
