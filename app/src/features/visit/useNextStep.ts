import type { VisitDto } from '@huff/contract';
import type { NextMeasure } from '@huff/core';
import { nextStep } from '../visitState/nextStep';
import type { Assessment } from '../visitState/useAssessment';

/** Where a step can lead. */
interface StepActs {
  readonly measure: (next: NextMeasure) => void;
  readonly tellUnit: () => void;
  readonly onSave?: () => void;
  /** The reading that would tell most of what is wrong. */
  readonly explained?: NextMeasure;
}

/** The one thing to do next at a visit, and how it is begun. */
export function useNextStep(
  visit: VisitDto,
  assessment: Assessment,
  { measure, tellUnit, onSave, explained }: StepActs,
) {
  const step = nextStep(visit, assessment, onSave === undefined, explained);
  const begin = () => {
    if (step?.kind === 'save') onSave?.();
    else if (step?.kind === 'measure') measure(step.measure);
    else if (step) tellUnit();
  };
  return { step, begin };
}
