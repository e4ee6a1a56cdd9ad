import { cautionsOf, moveWords, type CautionId } from '@huff/core';
import { CAUTIONS, type Plan, type PlanRequest } from '@huff/core/fix';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface BeginSheetProps {
  readonly open: boolean;
  readonly request: PlanRequest;
  readonly plan: Plan;
  /** Cautions acknowledged at this visit already. */
  readonly known: readonly CautionId[];
  readonly onBegin: (read: readonly CautionId[]) => void;
  readonly onClose: () => void;
}

/** What is about to be done, with its cautions, read once a visit before hands go in. */
export function BeginSheet({ open, request, plan, known, onBegin, onClose }: BeginSheetProps) {
  const palette = usePalette();
  const cautions = cautionsOf(plan.moves).filter((id) => !known.includes(id));
  return (
    <Sheet open={open} onClose={onClose} title="Before you start">
      <View style={{ gap: 14 }}>
        <View style={{ gap: 6 }}>
          {plan.moves.map((move) => (
            <Txt key={move.id} size={16} bold figures>
              {moveWords(move, request)}
            </Txt>
          ))}
        </View>
        {cautions.length > 0 && (
          <View style={{ backgroundColor: palette.outside, borderRadius: 6, padding: 12, gap: 8 }}>
            <Heading size={16}>Cautions</Heading>
            {cautions.map((id) => (
              <Txt key={id} size={15}>
                {CAUTIONS[id]}
              </Txt>
            ))}
          </View>
        )}
        <Txt size={14} color="softInk">
          Save the prediction, do the work, then measure the same ports again under the same conditions.
        </Txt>
        <ActionButton onPress={() => onBegin([...known, ...cautions])}>
          {cautions.length > 0 ? 'Confirm cautions, begin' : 'Begin'}
        </ActionButton>
      </View>
    </Sheet>
  );
}
