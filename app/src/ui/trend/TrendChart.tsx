import { trendShapes, type TrendPoint, type TrendSource } from '@huff/paper/charts';
import { ON_SCREEN } from '@huff/paper/shapes';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { TextButton } from '../page';
import { Shapes } from '../shapes';
import { Heading, Txt, yearDateText } from '../text';
import { usePalette } from '../theme';

interface TrendChartProps extends Pick<TrendSource, 'points' | 'level' | 'due' | 'width'> {
  readonly title: string;
  /** At the right of the title: "due 8 Dec, ± 9 days". */
  readonly aside?: string;
  readonly text: (value: number) => string;
  /** The chart as a sentence, for those who hear it. */
  readonly says: string;
}

const HEIGHT = 150;

const monthText = (atMs: number, withYear: boolean) => format(atMs, withYear ? 'MMM yy' : 'MMM');

/** A figure over the years: its points, a level to hold them against, where they go. Its table is a touch away. */
export function TrendChart({ title, aside, points, level, due, width, text, says }: TrendChartProps) {
  const [asTable, setAsTable] = useState(false);
  if (points.length === 0) return null;
  const drawn = { points, level, due, width, height: HEIGHT, style: ON_SCREEN, valueText: text, monthText };
  return (
    <View style={{ gap: 4 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', alignItems: 'baseline', gap: 8 }}>
        <Heading size={17}>{title}</Heading>
        {aside !== undefined && (
          <Txt size={15} color="softInk" figures>
            {aside}
          </Txt>
        )}
      </View>
      <View role="img" aria-label={says}>
        <Shapes shapes={trendShapes(drawn)} width={width} height={HEIGHT} />
      </View>
      <TextButton onPress={() => setAsTable(!asTable)}>{asTable ? 'Hide figures' : 'Show figures'}</TextButton>
      {asTable && <FigureTable title={title} points={points} text={text} />}
    </View>
  );
}

function FigureTable({ title, points, text }: Pick<TrendChartProps, 'title' | 'points' | 'text'>) {
  const palette = usePalette();
  const row = ({ atMs, value, isNew }: TrendPoint) => (
    <View
      key={atMs}
      role="row"
      style={{
        flexDirection: 'row',
        justifyContent: 'space-between',
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 6,
      }}
    >
      <Txt role="cell">{yearDateText(atMs)}</Txt>
      <Txt role="cell" figures bold>
        {`${text(value)}${isNew ? ', changed' : ''}`}
      </Txt>
    </View>
  );
  return (
    <View role="table" aria-label={title}>
      {[...points].reverse().map(row)}
    </View>
  );
}
