import { checkPoint, type CallAssessment, type Check } from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { CheckRow } from './CheckRow';
import { PointSheet } from './PointSheet';

interface PointListProps {
  /** Ids of the points, in the order they are read. */
  readonly ids: readonly string[];
  readonly call: Pick<CallAssessment, 'checks' | 'context' | 'power'>;
  /** What was found at the visit before. */
  readonly last?: ReadonlyMap<string, Check>;
}

/** Points in a list, each touched to be typed or said. */
export function PointList({ ids, call, last }: PointListProps) {
  const { checks, context } = call;
  const [asked, setAsked] = useState<string>();
  return (
    <View>
      {ids.map((id) => (
        <CheckRow
          key={id}
          point={checkPoint(id)!}
          check={checks.get(id)}
          last={last?.get(id)}
          context={context}
          onPress={() => setAsked(id)}
        />
      ))}
      <PointSheet asked={asked} call={call} onClose={() => setAsked(undefined)} />
    </View>
  );
}
