import type { VisitDto } from '@huff/contract';
import type { LogSeries } from '@huff/contract/csv';
import { toolText } from '@huff/core';
import {
  CHANNELS,
  PLACES,
  placesFor,
  portAt,
  steadySpans,
  type PlaceId,
  type SteadySpan,
} from '@huff/core/instruments';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../ui/form';
import { TextButton } from '../../ui/page';
import { clockText, Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { TraceChart } from '../../ui/trace';
import type { Assessment } from '../visitState/useAssessment';
import { withSpan } from './saveSpan';

interface LogSeriesViewProps {
  readonly series: LogSeries;
  readonly isClock: boolean;
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly onVisit: (visit: VisitDto) => void;
  readonly width: number;
}

/** A log with more steady stretches than this never really rested. */
const MOST_SPANS = 8;
const plainName = (text: string) => text.toLowerCase().replaceAll(/[^a-z0-9]/g, '');

/** "14:02", or "2 min 10 s" into the log. */
function timeWords(ms: number, isClock: boolean): string {
  if (isClock) return clockText(new Date(ms));
  const seconds = Math.round(ms / 1000);
  return seconds < 120 ? `${seconds} s` : `${Math.floor(seconds / 60)} min ${seconds % 60} s`;
}

/** One channel of a log: its line, and each steady stretch, which becomes a reading by a touch. */
export function LogSeriesView({ series, isClock, visit, assessment, onVisit, width }: LogSeriesViewProps) {
  const palette = usePalette();
  const { name, channels, samples } = series;
  const ports = new Set(assessment.layout.ports.map(({ id }) => id));
  const places = channels.flatMap(placesFor).filter((id) => portAt(id) === undefined || ports.has(portAt(id)!));
  const [place, setPlace] = useState<PlaceId | undefined>(() =>
    places.find((id) => plainName(PLACES[id].name) === plainName(name) || plainName(id) === plainName(name)),
  );
  const [saved, setSaved] = useState<readonly SteadySpan[]>([]);
  const channel = place ? PLACES[place].channel : channels[0]!;
  const { unit } = CHANNELS[channel];
  const spans = useMemo(() => steadySpans(channel, samples), [channel, samples]);
  const shown = spans.slice(-MOST_SPANS);
  const text = (value: number) => toolText(value, unit);
  const [first, last] = [samples[0]!, samples.at(-1)!];
  const inLog = (ms: number) => (ms - first.atMs) / 1000;
  const save = (span: SteadySpan) => {
    if (!place) return;
    const changed = withSpan(visit, assessment, { span, place, name, samples, isClock }, new Date());
    if (changed !== visit) onVisit(changed);
    setSaved([...saved, span]);
  };
  return (
    <View style={{ gap: 10, borderTopWidth: 1.5, borderColor: palette.ink, paddingTop: 12 }}>
      <Heading size={17}>{name}</Heading>
      <TraceChart
        lines={[{ seconds: samples.map(({ atMs }) => inLog(atMs)), values: samples.map(({ value }) => value) }]}
        spans={shown.map(({ fromMs, toMs }) => ({ from: inLog(fromMs), to: inLog(toMs) }))}
        width={width}
        text={text}
        ends={[timeWords(first.atMs, isClock), timeWords(last.atMs, isClock)]}
        says={`${name}: ${samples.length} values, ${spans.length} steady.`}
      />
      <Choice
        label={`Place of ${name}`}
        options={places.map((id) => ({ id, text: PLACES[id].name }))}
        chosen={place ?? null}
        onChoose={setPlace}
      />
      {shown.length === 0 && (
        <Txt size={15}>{`${name} never comes to rest in this log. Type the value if you know it.`}</Txt>
      )}
      {!place && shown.length > 0 && <Txt size={15}>Choose where it was measured, then save a value.</Txt>}
      {shown.map((span, i) => (
        <View
          key={span.fromMs}
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            gap: 10,
            minHeight: 48,
            borderTopWidth: 1,
            borderColor: palette.line,
          }}
        >
          <Txt size={15} color="softInk" figures style={{ width: 18 }}>
            {i + 1}
          </Txt>
          <View style={{ flex: 1 }}>
            <Txt bold figures>
              {text(span.mean)}
            </Txt>
            <Txt size={14} color="softInk" figures>
              {`${timeWords(span.fromMs, isClock)}, steady for ${Math.round((span.toMs - span.fromMs) / 1000)} s`}
            </Txt>
          </View>
          {saved.includes(span) ? (
            <Txt size={15} role="status">
              {place && portAt(place) ? 'saved' : 'ready in its form'}
            </Txt>
          ) : (
            place && <TextButton onPress={() => save(span)}>{`Save at ${PLACES[place].name}`}</TextButton>
          )}
        </View>
      ))}
    </View>
  );
}
