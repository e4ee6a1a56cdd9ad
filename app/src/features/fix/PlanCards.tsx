import { OddsLine } from './OddsLine';
import { flowText, flowWords, moveOf, percentText, staticText, type ChosenMove } from '@huff/core';
import type { ReadyPlan } from '@huff/core/fix';
import { Pressable, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { minutesText, moneyText } from '../../ui/text/effortText';
import { PLAN_TEXT } from './fixText';
import type { ReadyPlans } from './useReadyPlans';

interface PlanCardsProps {
  readonly ready: ReadyPlans;
  readonly chosen: readonly ChosenMove[];
  readonly currency: string;
  /** The fan goes by a typical curve: every figure of a plan is taken, with its spread. */
  readonly assumed?: boolean;
  readonly onTake: (moves: readonly ChosenMove[]) => void;
}

const sameMoves = (a: readonly ChosenMove[], b: readonly ChosenMove[]) =>
  a.length === b.length &&
  a.every((one) =>
    b.some((other) => other.id === one.id && JSON.stringify(other.inputs) === JSON.stringify(one.inputs)),
  );

/** The ready plans side by side: what each is best at, what it costs, how likely it lands. A touch takes it over. */
export function PlanCards({ ready, chosen, currency, assumed = false, onTake }: PlanCardsProps) {
  const palette = usePalette();
  const { answer, progress, stopped, stop, again } = ready;
  if (progress !== undefined) {
    return (
      <View role="status" style={{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 48 }}>
        <View style={{ flex: 1, gap: 6 }}>
          <Txt size={15} color="softInk">
            Comparing fixes and speeds…
          </Txt>
          <View
            role="progressbar"
            aria-label="Plans"
            aria-valuenow={Math.round(100 * progress)}
            style={{ height: 6, borderRadius: 3, backgroundColor: palette.trough }}
          >
            <View
              style={{ height: 6, borderRadius: 3, width: `${100 * progress}%`, backgroundColor: palette.supply }}
            />
          </View>
        </View>
        <TextButton onPress={stop}>Stop</TextButton>
      </View>
    );
  }
  if (stopped || !answer) {
    return (
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 48 }}>
        <Txt size={15} color="softInk" style={{ flex: 1 }}>
          No plans: the search was stopped. Try the fixes below one by one.
        </Txt>
        <TextButton onPress={again}>Search</TextButton>
      </View>
    );
  }
  const taken = answer.ready.find((plan) => sameMoves(plan.moves, chosen));
  const later = answer.ready.filter(({ ifStillOff }) => ifStillOff);
  const card = (plan: ReadyPlan) => (
    <PlanCard
      key={plan.kinds.join()}
      plan={plan}
      currency={currency}
      taken={plan === taken}
      assumed={assumed}
      onPress={() => onTake(plan.moves)}
    />
  );
  return (
    <View style={{ gap: 10 }}>
      <View role="group" aria-label="Ready plans" style={{ flexDirection: 'row', gap: 8 }}>
        {answer.ready.filter(({ ifStillOff }) => !ifStillOff).map(card)}
      </View>
      {later.length > 0 && (
        <View role="group" aria-label="If it is still off after that" style={{ gap: 6 }}>
          <Txt size={15} bold>
            If it is still off after that
          </Txt>
          <View style={{ flexDirection: 'row', gap: 8 }}>{later.map(card)}</View>
        </View>
      )}
      {taken && (
        <>
          <Txt size={15} figures>
            {taken.explanation}
          </Txt>
          {!taken.kinds.includes('fixFirst') && <OddsLine odds={taken.odds} />}
        </>
      )}
      {answer.notes.map((note) => (
        <Txt key={note} size={14} color="softInk" figures>
          {note}
        </Txt>
      ))}
    </View>
  );
}

interface PlanCardProps {
  readonly plan: ReadyPlan;
  readonly currency: string;
  readonly taken: boolean;
  /** The fan goes by a typical curve. */
  readonly assumed: boolean;
  readonly onPress: () => void;
}

const title = ({ kinds }: ReadyPlan) =>
  kinds.map((kind, i) => (i === 0 ? PLAN_TEXT[kind] : PLAN_TEXT[kind].toLowerCase())).join(', ');

function PlanCard({ plan, currency, taken, assumed, onPress }: PlanCardProps) {
  const palette = usePalette();
  const { operation } = plan.prediction;
  const where =
    operation.kind === 'crossing'
      ? `${flowWords(operation.flowCfm)}${plan.odds.flowSigmaCfm ? ` ± ${flowText(plan.odds.flowSigmaCfm)}` : ''} at ${staticText(operation.tespInWc)}`
      : 'off the table';
  const effort = `${minutesText(plan.minutes)} · ${moneyText(plan.cost, currency)}`;
  // What was found is fixed whatever it brings: it promises no landing.
  const isFix = plan.kinds.includes('fixFirst');
  const fixes = isFix ? plan.moves.map(({ id }) => moveOf(id)!.name).join(' · ') : undefined;
  const lands = isFix ? 'then re-measure' : `${percentText(plan.chance)} chance`;
  return (
    <Pressable
      role="button"
      aria-pressed={taken}
      aria-label={`${title(plan)}: ${fixes ? `${fixes}, ` : ''}${effort}, ${where}, ${lands}. Choose this plan`}
      onPress={onPress}
      style={{
        flex: 1,
        minHeight: 92,
        borderRadius: 6,
        borderWidth: taken ? 2 : 1,
        borderColor: taken ? palette.ink : palette.line,
        backgroundColor: taken ? palette.sheet : 'transparent',
        padding: taken ? 9 : 10,
        gap: 2,
      }}
    >
      <Txt size={15} bold>
        {title(plan)}
      </Txt>
      {fixes !== undefined && <Txt size={16}>{fixes}</Txt>}
      <Txt size={14} color="softInk" figures>
        {effort}
      </Txt>
      <Txt
        size={14}
        color="softInk"
        figures
        // By a typical curve, not the manufacturer's: taken, not known.
        style={assumed && { textDecorationLine: 'underline', textDecorationStyle: 'dotted' }}
      >
        {where}
      </Txt>
      <Txt size={14} bold figures>
        {lands}
      </Txt>
    </Pressable>
  );
}

function TextButton({ onPress, children }: { readonly onPress: () => void; readonly children: string }) {
  return (
    <Pressable
      role="button"
      onPress={onPress}
      style={{ minHeight: 48, paddingHorizontal: 8, justifyContent: 'center' }}
    >
      <Txt size={15} bold color="action">
        {children}
      </Txt>
    </Pressable>
  );
}
