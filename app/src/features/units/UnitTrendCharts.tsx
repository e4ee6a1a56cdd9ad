import {
  ended,
  flowWords,
  percentText,
  sentenceCase,
  staticText,
  staticWords,
  toolFigure,
  toolUnitText,
} from '@huff/core';
import type { FilterTrend, TrendSeries } from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { dateText, Txt } from '../../ui/text';
import { TrendChart } from '../../ui/trend';
import type { UnitTrends } from '../visitState/useTrends';

const days = (sigmaDays: number) => Math.max(1, Math.round(sigmaDays));

function FilterChart({ filter, width }: { readonly filter: FilterTrend; readonly width: number }) {
  const { points, due, limitInWc, atCfm } = filter;
  const aside = due && `due ${dateText(due.atMs)}, ± ${days(due.sigmaDays)} days`;
  const last = points.at(-1);
  return (
    <TrendChart
      title={`Filter drop at ${flowWords(atCfm)}`}
      aside={aside}
      points={points.map(({ atMs, dropInWc, isNew }) => ({ atMs, value: dropInWc, isNew }))}
      level={{ value: limitInWc, name: 'budget' }}
      due={due}
      width={width}
      text={staticText}
      says={`Filter drop at ${flowWords(atCfm)}, ${points.length} readings, last ${last ? staticText(last.dropInWc) : 'none'} of ${ended(staticWords(limitInWc))} ${sentenceCase(aside ?? 'two readings of one filter predict when it is due.')}`}
    />
  );
}

/** From so much a drift is said in words. */
const DRIFT = 0.05;

function SeriesChart({ series, width }: { readonly series: TrendSeries; readonly width: number }) {
  const { name, unit, points, whenRight, drift } = series;
  const text = (value: number) => toolFigure(value, unit);
  const moved =
    Math.abs(drift) < DRIFT
      ? 'as when verified'
      : `${percentText(Math.abs(drift))} ${drift > 0 ? 'over' : 'under'} when verified`;
  return (
    <TrendChart
      title={name}
      aside={moved}
      points={points}
      level={{ value: whenRight, name: 'when verified' }}
      width={width}
      text={text}
      says={`${name}, ${points.length} visits, last ${text(points.at(-1)!.value)} ${toolUnitText(unit)}: ${moved}.`}
    />
  );
}

/** How the unit has moved: its filter with the day it is due, then what is followed, each against how it runs when right. */
export function UnitTrendCharts({ filter, series }: UnitTrends) {
  const [width, setWidth] = useState(0);
  if (!filter && series.length === 0) return null;
  return (
    <View testID="charts" style={{ gap: 18 }} onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <>
          {filter && <FilterChart filter={filter} width={width} />}
          {series.map((one) => (
            <SeriesChart key={one.id} series={one} width={width} />
          ))}
          {filter && !filter.due && (
            <Txt size={14} color="softInk">
              Two readings of one filter, weeks apart, predict when it is due.
            </Txt>
          )}
        </>
      )}
    </View>
  );
}
