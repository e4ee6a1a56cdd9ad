import {
  comparedReadings,
  explanationTitle,
  readingFigure,
  readingName,
  readingText,
  readingUnit,
  type ComparedReading,
  type ExplainRequest,
  type RankedExplanation,
  type ReadingId,
} from '@huff/core/explain';
import { View } from 'react-native';
import { ExpectedStrip } from '../../ui/strip';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface ComparedListProps {
  readonly request: ExplainRequest;
  readonly explanation: RankedExplanation;
  /** Readings that could be taken next. */
  readonly unread: readonly ReadingId[];
  readonly width: number;
}

const spoken = ({ reading, value, expected, isOff }: ComparedReading, request: ExplainRequest) => {
  const expects = `expected ${readingText(reading, expected, request.ratings)}`;
  return value === undefined
    ? `${readingName(reading)}: not read, ${expects}`
    : `${readingName(reading)}: ${readingText(reading, value, request.ratings)}, ${expects}${isOff ? ', does not fit' : ''}`;
};

/** What an explanation expects of each reading, and what was read: a dot on its band fits. */
export function ComparedList({ request, explanation, unread, width }: ComparedListProps) {
  const palette = usePalette();
  const rows = comparedReadings(request, explanation, unread);
  const strip = Math.max(96, Math.min(280, Math.round(width * 0.36)));
  return (
    <View>
      <Heading size={17}>{explanationTitle(explanation.causes)}</Heading>
      <Txt size={14} color="softInk" style={{ paddingBottom: 6 }}>
        Shaded: predicted. Dot: your reading.
      </Txt>
      {rows.map((row) => (
        <View
          key={row.reading + String(row.value)}
          role="img"
          aria-label={spoken(row, request)}
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            gap: 8,
            minHeight: 36,
            borderTopWidth: 1,
            borderColor: palette.line,
          }}
        >
          <Txt size={15} style={{ flex: 1 }}>
            {readingName(row.reading)}
          </Txt>
          {row.value === undefined ? (
            <Txt size={14} color="softInk">
              not read
            </Txt>
          ) : (
            <Txt size={17} bold figures>
              {readingFigure(row.reading, row.value, request.ratings)}
              <Txt size={13} color="softInk">{` ${readingUnit(row.reading, request.ratings)}`}</Txt>
            </Txt>
          )}
          <ExpectedStrip expected={row.expected} sigma={row.sigma} value={row.value} width={strip} />
        </View>
      ))}
    </View>
  );
}
