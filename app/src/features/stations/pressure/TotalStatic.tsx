import type { VisitDto } from '@huff/contract';
import { sentenceCase, staticWords, TOTAL_STATIC_POINT, totalStaticOf } from '@huff/core';
import { useState } from 'react';
import { View } from 'react-native';
import { NumberSheet } from '../../../ui/keypad';
import { TextButton } from '../../../ui/page';
import { Txt } from '../../../ui/text';
import { withCheck, withoutAnswer } from '../../visitState/withCheck';
import type { Assessment } from '../../visitState/useAssessment';

interface TotalStaticProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly onVisit: (visit: VisitDto) => void;
}

/** The external static as one reading, for whoever took only that; it ends with the two readings of which it is the difference. */
export function TotalStatic({ visit, assessment, onVisit }: TotalStaticProps) {
  const [asking, setAsking] = useState(false);
  const { layout, counted } = assessment;
  const total = totalStaticOf(visit.facts ?? []);
  const boundary = [layout.inletPort, layout.outletPort].filter((port) => port !== undefined);
  if (boundary.every((port) => counted.has(port))) return null;
  const words =
    total === undefined ? 'Enter total only' : `Total ${staticWords(total.staticInWc)} as one reading: edit`;
  return (
    <View>
      <TextButton onPress={() => setAsking(true)}>{words}</TextButton>
      {total && (
        <Txt size={15} color="softInk">
          {`The total is judged. Measure ${boundary.join(' and ')} to see where static is lost.`}
        </Txt>
      )}
      <NumberSheet
        asked={
          asking
            ? {
                ...TOTAL_STATIC_POINT.number,
                label: TOTAL_STATIC_POINT.name,
                value: total?.staticInWc,
                hint: `${sentenceCase(TOTAL_STATIC_POINT.where)}.`,
              }
            : undefined
        }
        onKeep={(staticInWc) => {
          if (staticInWc !== null) onVisit(withCheck(visit, { point: TOTAL_STATIC_POINT.id, value: staticInWc }));
          setAsking(false);
        }}
        onClear={total && (() => onVisit(withoutAnswer(visit, TOTAL_STATIC_POINT.id)))}
        onClose={() => setAsking(false)}
      />
    </View>
  );
}
