import type { NextMeasure } from '@huff/core';
import { View } from 'react-native';
import { Heading } from '../../ui/text';
import { AdviceRow } from './AdviceRow';
import { useExplainedNext } from './useExplanation';

/** The reading that tells most for its minutes, by everything read and seen; nothing while nothing is open. */
export function BestReading({ onMeasure }: { readonly onMeasure: (next: NextMeasure) => void }) {
  const next = useExplainedNext();
  if (!next) return null;
  return (
    <View>
      <Heading size={17}>What would tell most</Heading>
      <AdviceRow next={next} onMeasure={onMeasure} />
    </View>
  );
}
