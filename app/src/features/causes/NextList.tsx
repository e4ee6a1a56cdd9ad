import type { NextMeasure } from '@huff/core';
import { nextByExplanation, type Explanation, type ExplainRequest } from '@huff/core/explain';
import { View } from 'react-native';
import { Heading } from '../../ui/text';
import { AdviceRow } from './AdviceRow';

interface NextListProps {
  readonly request: ExplainRequest;
  readonly answer: Explanation;
  readonly onMeasure: (next: NextMeasure) => void;
}

const MOST = 4;

/** What else could be read, the most telling for its minutes first, with what each outcome would mean. */
export function NextList({ request, answer, onMeasure }: NextListProps) {
  const list = answer.next
    .flatMap((advice) => {
      const next = nextByExplanation([advice], request);
      return next ? [next] : [];
    })
    .slice(0, MOST);
  if (list.length === 0) return null;
  return (
    <View>
      <Heading size={17}>What would tell more</Heading>
      {list.map((next) => (
        <AdviceRow key={next.words} next={next} onMeasure={onMeasure} />
      ))}
    </View>
  );
}
