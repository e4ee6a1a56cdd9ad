import type { VisitDto } from '@huff/contract';
import type { ShopDto } from '@huff/contract/fix';
import { unitText, flowText, percentText, staticText, toolFigure, type Prediction } from '@huff/core';
import { View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { ActionButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { minutesText, moneyText } from '../../ui/text/effortText';
import type { Fix } from './useFix';

interface FixFootProps {
  readonly visit: VisitDto;
  readonly fix: Fix;
  readonly shop: ShopDto;
  readonly onBegin: () => void;
  /** Absent when the visit is saved already. */
  readonly onSave?: () => void;
}

/** Always in sight while weighing: where the choice lands, what it costs, and the way on. */
export function FixFoot({ visit, fix, shop, onBegin, onSave }: FixFootProps) {
  const palette = usePalette();
  const { planned, chosen, request } = fix;
  const plan = planned?.ok ? planned.plan : undefined;
  const operation = plan?.prediction.operation;
  const assumed = request?.system.fan.usual !== undefined;
  const spread = plan?.odds.flowSigmaCfm;
  const moves = chosen.length === 1 ? '1 fix' : `${chosen.length} fixes`;
  return (
    <View
      style={{
        paddingHorizontal: 16,
        paddingTop: 8,
        paddingBottom: 10,
        gap: 8,
        borderTopWidth: 1.5,
        borderColor: palette.ink,
        backgroundColor: palette.paper,
      }}
    >
      <View
        role="status"
        style={{
          flexDirection: 'row',
          flexWrap: 'wrap',
          alignItems: 'baseline',
          justifyContent: 'space-between',
          columnGap: 8,
        }}
      >
        {plan && operation?.kind === 'crossing' ? (
          <>
            <Figure
              value={flowText(operation.flowCfm)}
              after={assumed && spread ? `± ${flowText(spread)} ${unitText('cfm')}` : unitText('cfm')}
              word={plan.prediction.airflow}
              assumed={assumed}
            />
            <Figure
              value={staticText(operation.tespInWc)}
              after={`of ${staticText(request!.goal.maxTesp.value)}`}
              word={plan.prediction.tesp}
              assumed={assumed && chosen.length > 0}
            />
            <Degrees prediction={plan.prediction} />
          </>
        ) : (
          <Txt color="softInk">
            {planned && !planned.ok ? planned.why : operation ? 'Off the blower table.' : 'No prediction yet.'}
          </Txt>
        )}
      </View>
      {plan && chosen.length > 0 && (
        <Txt size={14} color="softInk" figures>
          {visit.tons && operation?.kind === 'crossing' ? `${flowText(operation.flowCfm / visit.tons)} per ton · ` : ''}
          {minutesText(plan.minutes)} · {moneyText(plan.cost, shop.currency)} · {percentText(plan.chance)} chance
        </Txt>
      )}
      {chosen.length === 0 && onSave ? (
        <ActionButton quiet onPress={onSave}>
          Save this visit
        </ActionButton>
      ) : (
        <ActionButton
          onPress={onBegin}
          disabled={!plan || operation?.kind !== 'crossing' || chosen.length === 0}
          quiet={chosen.length === 0}
          aside={chosen.length > 0 ? moves : undefined}
        >
          {chosen.length === 0 ? 'Choose a plan or fix' : 'Start these fixes'}
        </ActionButton>
      )}
    </View>
  );
}

/** The drop; of what only heats, the rise. */
function Degrees({ prediction: { dropF, heating } }: { readonly prediction: Prediction }) {
  if (dropF !== undefined) return <Figure value={toolFigure(dropF, 'deltaF')} after={`${unitText('deltaF')} drop`} />;
  if (heating?.riseF === undefined) return null;
  return (
    <Figure value={toolFigure(heating.riseF, 'deltaF')} after={`${unitText('deltaF')} rise`} word={heating.word} />
  );
}

function Figure({
  value,
  after,
  word,
  assumed = false,
}: {
  readonly value: string;
  readonly after: string;
  readonly word?: 'inside' | 'atTheEdge' | 'outside' | 'cantSay';
  /** By a typical curve: stands over a dotted line. */
  readonly assumed?: boolean;
}) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 4 }}>
      <Txt size={21} bold figures style={assumed && { textDecorationLine: 'underline', textDecorationStyle: 'dotted' }}>
        {value}
      </Txt>
      {word && <VerdictMark word={word} size={17} />}
      <Txt size={14} color="softInk" figures>
        {after}
      </Txt>
    </View>
  );
}
