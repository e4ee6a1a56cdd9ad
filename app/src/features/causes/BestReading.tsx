import type { NextMeasure } from '@huff/core';
import { View } from 'react-native';
import { Heading } from '../../ui/text';
import { useMeter } from '../visitState/meter';
import { AdviceRow } from './AdviceRow';
import { useExplained, useExplainedNext } from './useExplanation';

/** The reading that tells most for its minutes, by everything read and seen; nothing while nothing is open. */
export function BestReading({ onMeasure }: { readonly onMeasure: (next: NextMeasure) => void }) {
  const next = useExplainedNext();
  const { request } = useExplained();
  const isSilent = useMeter()?.isSilent === true;
  // Before anything was read of the air, the station's own first test goes first: a blower that does not run has no static.
  if (isSilent || !next || !request || request.evidence.length === 0) return null;
  return (
    <View>
      <Heading size={17}>What would tell most</Heading>
      <AdviceRow next={next} onMeasure={onMeasure} />
    </View>
  );
}
