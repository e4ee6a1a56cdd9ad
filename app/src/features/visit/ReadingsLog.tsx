import { portOf, staticText, takenMs, type NotCounted } from '@huff/core';
import type { VisitDto } from '@huff/contract';
import { View } from 'react-native';
import { clockText, Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { clockWords } from '../visitState/clockWords';
import type { Assessment } from '../visitState/useAssessment';

const WHY_NOT: Record<NotCounted, string> = {
  corrected: 'corrected',
  doorOff: 'door off, not counted',
  filterOut: 'filter out, not counted here',
  repeated: 'read again later',
  notInLayout: 'no such port here',
};

/** Every reading in the order taken; what was corrected stays, struck through. */
export function ReadingsLog({ visit, assessment }: { readonly visit: VisitDto; readonly assessment: Assessment }) {
  const palette = usePalette();
  const reasons = new Map(assessment.standing.map((s) => [s.reading.id, s.notCounted]));
  if (visit.readings.length === 0) return null;
  return (
    <View>
      <Heading size={16} style={{ paddingVertical: 6 }}>
        Readings
      </Heading>
      {visit.readings.map((reading) => {
        const { id, port, value, conditions, origin } = reading;
        const why = reasons.get(id);
        const clock = clockWords(reading.clockOffsetMs);
        return (
          <View
            key={id}
            style={{
              flexDirection: 'row',
              borderTopWidth: 1,
              borderColor: palette.line,
              paddingVertical: 8,
              gap: 8,
              alignItems: 'baseline',
            }}
          >
            <View style={{ flex: 1 }}>
              <Txt size={15}>
                {port} {portOf(assessment.layout, port)?.name ?? ''}
              </Txt>
              <Txt size={13} color={why ? 'action' : 'softInk'} bold={why !== undefined}>
                {why ? WHY_NOT[why] : `${conditions.door} · ${conditions.filter} · ${conditions.coil}`}
              </Txt>
              {clock !== undefined && (
                <Txt size={13} color="softInk">
                  {clock}
                </Txt>
              )}
            </View>
            <Txt size={18} bold figures style={why === 'corrected' && { textDecorationLine: 'line-through' }}>
              {staticText(value)}
            </Txt>
            <Txt size={13} color="softInk" figures align="right" style={{ width: 76 }}>
              {clockText(takenMs(reading))} {origin}
            </Txt>
          </View>
        );
      })}
    </View>
  );
}
