import type { DueItem } from '@huff/contract';
import { format } from 'date-fns/format';
import { Link } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { TextButton, TextLink } from '../../ui/page';
import { dateText, Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface DueListProps {
  readonly due: readonly DueItem[];
  /** How many stand there before the rest is asked for. */
  readonly shown: number;
  readonly now: Date;
  /** It stands above what matters more. */
  readonly compact?: boolean;
}

/** So far ahead something is due now, where there is little room; days. */
const AHEAD_DAYS = 45;
const DAY_MS = 86_400_000;

/** What is due at units within the next weeks, the overdue first; the rest, and the calendar, a touch away. */
export function DueList({ due, shown, now, compact }: DueListProps) {
  const palette = usePalette();
  const [all, setAll] = useState(false);
  const near = due.filter(({ on }) => Date.parse(on) - now.getTime() < AHEAD_DAYS * DAY_MS);
  const listed = all ? due : (compact ? near : due).slice(0, shown);
  if (due.length === 0) return null;
  const today = format(now, 'yyyy-MM-dd');
  // On a phone the visits come first: what is far off takes a line, no more.
  const isQuiet = compact && listed.length === 0;
  return (
    <View>
      {!isQuiet && (
        <View style={{ minHeight: 48, justifyContent: 'center' }}>
          <Heading size={17}>Due</Heading>
        </View>
      )}
      {listed.length === 0 && !isQuiet && <Txt size={15} color="softInk">{`Nothing within ${AHEAD_DAYS} days.`}</Txt>}
      {listed.map(({ unitId, unit, site, on, why, kind, sigmaDays }) => (
        <Link
          key={`${unitId}-${kind}`}
          href={`/units/${unitId}`}
          style={{
            display: 'flex',
            flexDirection: 'row',
            gap: 10,
            borderTopWidth: 1,
            borderColor: palette.line,
            paddingVertical: 8,
            minHeight: 48,
          }}
        >
          <View style={{ flex: 1 }}>
            <Txt bold>{`${why}: ${unit}`}</Txt>
            <Txt size={14} color="softInk">
              {site}
            </Txt>
          </View>
          <View>
            <Txt size={15} bold={on < today} color={on < today ? 'action' : 'ink'} figures align="right">
              {on < today ? `overdue, ${dateText(on)}` : dateText(on)}
            </Txt>
            {sigmaDays !== undefined && (
              <Txt size={14} color="softInk" figures align="right">
                {`± ${sigmaDays} days`}
              </Txt>
            )}
          </View>
        </Link>
      ))}
      <View style={{ flexDirection: 'row', columnGap: 24, flexWrap: 'wrap' }}>
        {!all && due.length > listed.length && (
          <TextButton onPress={() => setAll(true)}>
            {isQuiet ? `Nothing due soon; ${due.length} later` : `Show all ${due.length} due`}
          </TextButton>
        )}
        <TextLink href={'/api/due/calendar.ics'} isFile>
          Calendar file
        </TextLink>
      </View>
    </View>
  );
}
