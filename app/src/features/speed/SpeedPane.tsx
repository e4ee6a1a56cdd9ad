import { useState } from 'react';
import { View } from 'react-native';
import { curveWords, hasSpeed, onTap, sentenceCase } from '@huff/core';
import { Crossing } from '../../ui/crossing';
import { Heading, Txt } from '../../ui/text';
import { AdvicePane } from './AdvicePane';
import type { Assessment } from '../visitState/useAssessment';

/** Beside the stations of a wide screen: where fan and ducts meet, and what each tap would really do. */
export function SpeedPane({
  assessment: { judgement, advice, model, noModel, airflow },
}: {
  readonly assessment: Assessment;
}) {
  const [looked, setLooked] = useState<string>();
  const looking = looked ?? advice.tap;
  const system = model?.system;
  const known = system && looking !== undefined && hasSpeed(system.fan, looking);
  return (
    <View style={{ gap: 16 }}>
      <View style={{ gap: 4 }}>
        <Heading size={17}>Fan curve and duct system</Heading>
        {system ? (
          <Crossing
            now={system}
            then={known && looking !== system.fan.tap ? onTap(system, looking) : undefined}
            target={judgement.target}
            maxTesp={judgement.maxTesp}
            sigma={judgement.sigma}
          />
        ) : (
          <Txt color="softInk">{noModel ?? airflow.sentence}</Txt>
        )}
      </View>
      {system?.fan.usual && (
        <Txt size={14} color="softInk">
          {sentenceCase(curveWords(system.fan))}: gray shows the uncertainty.
        </Txt>
      )}
      {system?.fan.motor === 'beltDrive' ? (
        <Txt color="softInk">For another speed, find turns, sheaves and belts under Fix, Belt drive.</Txt>
      ) : (
        <AdvicePane advice={advice} looking={looking} onLook={setLooked} />
      )}
    </View>
  );
}
