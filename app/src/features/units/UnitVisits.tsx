import { flowText, staticText, unitText } from '@huff/core';
import { format } from 'date-fns/format';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { useUnitVisits } from '../../data/visits';
import { ListSection } from '../../ui/list';
import { VerdictMark } from '../../ui/marks';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** How many of its visits a unit's page lists. */
const SHOWN = 8;

/** The last visits of a unit: when, what was found, what to do. */
export function UnitVisits({ unitId }: { readonly unitId: string }) {
  const palette = usePalette();
  const { visits, isPending, isError } = useUnitVisits(unitId);
  return (
    <ListSection title="Visits">
      {visits.slice(0, SHOWN).map(({ id, startedAt, summary }) => (
        <Link
          key={id}
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
            <Txt bold>{summary?.headline ?? 'Not sent yet'}</Txt>
            {summary?.flowCfm != null && summary.staticInWc != null && (
              <Txt size={14} color="softInk" figures>
                {flowText(summary.flowCfm)} {unitText('cfm')} at {staticText(summary.staticInWc)}
              </Txt>
            )}
          </View>
          {summary && <VerdictMark word={summary.flowWord === 'cantSay' ? summary.staticWord : summary.flowWord} />}
        </Link>
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
