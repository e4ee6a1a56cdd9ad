import type { DecidedPlan } from '@huff/contract';
import type { ShopDto } from '@huff/contract/fix';
import {
  flowWords,
  readKept,
  staticWords,
  applyMoves,
  curveWords,
  flowNow,
  percentText,
  predict,
  sentenceCase,
} from '@huff/core';
import { View } from 'react-native';
import { Crossing } from '../../ui/crossing';
import { Heading, momentText, Txt } from '../../ui/text';
import { minutesText, moneyText } from '../../ui/text/effortText';
import { PredictionTable } from './PredictionTable';

interface DecidedPlanProps {
  readonly plan: DecidedPlan;
  readonly shop: ShopDto;
}

/** The plan that stands, as it was decided: it reads the same whatever became of tables and parts since. */
export function DecidedPlanWords({ plan: { record, takenAt }, shop }: DecidedPlanProps) {
  return (
    <View style={{ gap: 4 }}>
      <Heading size={17}>Decided {momentText(takenAt)}</Heading>
      {record.words.map(readKept).map((words) => (
        <Txt key={words} figures>
          {words}
        </Txt>
      ))}
      <Txt size={14} color="softInk" figures>
        Predicted {flowWords(record.promise.flowCfm)} at {staticWords(record.promise.tespInWc)} ·{' '}
        {percentText(record.chance)} chance of hitting the target · {minutesText(record.minutes)} ·{' '}
        {moneyText(record.cost, shop.currency)}
      </Txt>
    </View>
  );
}

/** What the plan promises: where fan and ducts meet then, and each figure before and after. */
export function DecidedPlanPicture({
  plan: { record },
  height = 280,
}: Pick<DecidedPlanProps, 'plan'> & { readonly height?: number }) {
  const applied = applyMoves(record.from.system, record.moves);
  const then = applied.ok ? applied.system : undefined;
  const { goal, system } = record.from;
  return (
    <View style={{ gap: 14 }}>
      <Crossing
        now={system}
        then={then}
        target={goal.target}
        maxTesp={goal.maxTesp}
        sigma={{ flowCfm: record.from.sure.flowShare * flowNow(system), staticInWc: record.from.sure.staticInWc }}
        height={height}
      />
      {system.fan.usual && (
        <Txt size={14} color="softInk">
          {sentenceCase(curveWords(system.fan))}: gray shows the uncertainty.
        </Txt>
      )}
      {then && <PredictionTable request={record.from} prediction={predict(then, goal, system)} />}
    </View>
  );
}
