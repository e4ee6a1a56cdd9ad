import type { VisitSummary } from '@huff/contract/spine';
import { flowWords, readKept, staticText } from '@huff/core';
import { Link, router } from 'expo-router';
import { Pressable, View } from 'react-native';
import { useUnitVisits } from '../../data/visits';
import { ListSection } from '../../ui/list';
import { VerdictMark } from '../../ui/marks';
import { dateText, ToldAt, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { ComputedSummary } from '../visitState/ComputedSummary';
import { WithSummary } from '../visitState/WithSummary';

/** How many of its visits a unit's page lists. */
const SHOWN = 8;

/** Why no visit of a unit stands here: none was made, or nobody could be asked. */
export const noVisitWords = ({ isPending, isError }: { readonly isPending: boolean; readonly isError: boolean }) =>
  isPending ? 'Loading visits…' : isError ? 'Visits are on the server. Try again with a signal.' : 'No visit yet.';

interface UnitVisitsProps {
  readonly unitId: string;
  /** Where a visit is not opened as a page: the desk. */
  readonly onOpen?: (visitId: string) => void;
  readonly openId?: string;
}

/** The last visits of a unit: when, what was found, what to do. */
export function UnitVisits({ unitId, onOpen, openId }: UnitVisitsProps) {
  const { visits, isPending, isError, saidAt } = useUnitVisits(unitId);
  return (
    <ListSection
      title="Visits"
      add="Compare two"
      onAdd={visits.length > 1 ? () => router.push(`/units/${unitId}/compare`) : undefined}
    >
      {visits.slice(0, SHOWN).map((visit) => (
        <WithSummary key={visit.id} visit={visit} computed={ComputedSummary}>
          {(summary) =>
            onOpen ? (
              <Pressable role="button" aria-pressed={summary.id === openId} onPress={() => onOpen(summary.id)}>
                <VisitWords summary={summary} bold={summary.id === openId} />
              </Pressable>
            ) : (
              <VisitLine summary={summary} />
            )
          }
        </WithSummary>
      ))}
      {visits.length === 0 && <Txt color="softInk">{noVisitWords({ isPending, isError })}</Txt>}
      <ToldAt at={saidAt} />
      {visits.length > 0 && isError && !saidAt && (
        <Txt size={14} color="softInk">
          Older visits are on the server. Try again with a signal.
        </Txt>
      )}
    </ListSection>
  );
}

function VisitLine({ summary }: { readonly summary: VisitSummary }) {
  return (
    <Link href={`/visits/${summary.id}`} style={{ display: 'flex', flexDirection: 'column' }}>
      <VisitWords summary={summary} bold />
    </Link>
  );
}

/** When a visit was, what it came to, with its mark. */
function VisitWords({ summary, bold }: { readonly summary: VisitSummary; readonly bold: boolean }) {
  const palette = usePalette();
  const { startedAt, headline, flowCfm, staticInWc, flowWord, staticWord } = summary;
  return (
    <View
      style={{
        flexDirection: 'row',
        gap: 10,
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 10,
        minHeight: 56,
      }}
    >
      <Txt size={14} color="softInk" figures style={{ width: 60, paddingTop: 2 }}>
        {dateText(startedAt)}
      </Txt>
      <View style={{ flex: 1 }}>
        <Txt bold={bold}>{readKept(headline)}</Txt>
        {flowCfm !== null && staticInWc !== null && (
          <Txt size={14} color="softInk" figures>
            {`${flowWords(flowCfm)} at ${staticText(staticInWc)}`}
          </Txt>
        )}
      </View>
      <VerdictMark word={flowWord === 'cantSay' ? staticWord : flowWord} />
    </View>
  );
}
