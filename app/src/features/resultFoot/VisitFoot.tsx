import type { VisitDto } from '@huff/contract';
import type { NextMeasure, Verdict } from '@huff/core';
import { Pressable, View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { NextStep } from '../visitState/nextStep';
import { ResultStrip } from './ResultStrip';
import type { Assessment } from '../visitState/useAssessment';

interface VisitFootProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly step?: NextStep;
  readonly quiet: boolean;
  readonly onStep: () => void;
  readonly onMeasure: (measure: NextMeasure) => void;
  readonly onWorking: (title: string, verdict: Verdict) => void;
}

/** Always in sight and in reach: what was found, and the one thing to do next with its reason. */
export function VisitFoot({ visit, assessment, step, quiet, onStep, onMeasure, onWorking }: VisitFootProps) {
  const palette = usePalette();
  // While saving is what comes next, what would tell more stands above it.
  const more = step?.kind === 'save' ? assessment.next : undefined;
  return (
    <View
      style={{
        paddingHorizontal: 16,
        paddingTop: 4,
        paddingBottom: 10,
        gap: 6,
        borderTopWidth: 1.5,
        borderColor: palette.ink,
        backgroundColor: palette.paper,
      }}
    >
      <ResultStrip visit={visit} assessment={assessment} onWorking={onWorking} />
      {more && (
        <Pressable
          role="button"
          aria-label={`${more.words}. ${more.why}`}
          onPress={() => onMeasure(more)}
          style={{ minHeight: 48, justifyContent: 'center' }}
        >
          <Txt size={15} bold color="action" numberOfLines={1}>
            {more.words}
          </Txt>
          <Txt size={13} color="softInk" numberOfLines={1}>
            {more.why}
          </Txt>
        </Pressable>
      )}
      {step && step.why !== '' && (
        <Txt size={14} color="softInk" numberOfLines={2}>
          {step.why}
        </Txt>
      )}
      {step && (
        <ActionButton
          onPress={onStep}
          quiet={quiet}
          aside={step.kind === 'measure' && step.measure.minutes > 0 ? `${step.measure.minutes} min` : undefined}
        >
          {step.words}
        </ActionButton>
      )}
    </View>
  );
}
