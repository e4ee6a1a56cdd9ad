import { useState } from 'react';
import { View } from 'react-native';
import { Crossing } from '../../ui/crossing';
import { Heading, Txt } from '../../ui/text';
import { AdvicePane } from '../check/AdvicePane';
import type { Assessment } from '../check/useAssessment';

/** Where fan and ducts meet, and what each tap would really do. */
export function SpeedStation({ assessment: { judgement, advice } }: { readonly assessment: Assessment }) {
  const [looked, setLooked] = useState<string>();
  const looking = looked ?? advice.tap;
  return (
    <View style={{ gap: 16 }}>
      <View style={{ gap: 4 }}>
        <Heading size={17}>Where fan and ducts meet</Heading>
        {judgement.system ? (
          <Crossing judgement={judgement} tap={looking} />
        ) : (
          <Txt color="softInk">{judgement.airflow.sentence}</Txt>
        )}
      </View>
      <AdvicePane advice={advice} looking={looking} onLook={setLooked} />
    </View>
  );
}
