import { inSentence, portOf, staticWords, toolText, type NextMeasure } from '@huff/core';
import { checkText } from '@huff/core/call';
import { HINT_MINUTES, hintWords, meterShows, type Cabinet, type PracticeCase } from '@huff/core/practice';
import type { VisitDto } from '@huff/contract';
import type { PlaceId } from '@huff/core/instruments';
import { useState } from 'react';
import { useExplainedNext } from '../causes/useExplanation';
import { useCall } from '../call/useCall';
import type { Assessment } from '../visitState/useAssessment';
import { drillStore } from './drillStore';

interface HintAsked {
  readonly practice: PracticeCase;
  readonly cabinet: Cabinet;
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly truth?: (place: PlaceId) => number | undefined;
}

/** The reading that tells most of a dead blower, as a hint needs it. */
function powerNext({ practice, cabinet }: HintAsked, call: ReturnType<typeof useCall>) {
  const point = call.power.next?.point;
  if (!point) return undefined;
  const parts = call.power.next.parts.map(inSentence).join(' from ');
  const shown = meterShows(practice, cabinet, point.id);
  return {
    next: { kind: 'electrical' as const, words: `test ${inSentence(point.name)}`, why: `It separates ${parts}.` },
    shows: shown && checkText(shown),
  };
}

/** What the next reading of the air shows, where that is one figure. */
function showsOf(next: NextMeasure, assessment: Assessment, truth: HintAsked['truth']): string | undefined {
  if (!truth) return undefined;
  if (next.kind === 'port' && !next.filterOut) {
    const value = truth(next.port);
    return value === undefined || !portOf(assessment.layout, next.port) ? undefined : staticWords(value);
  }
  const [returnF, supplyF] = [truth('returnDry'), truth('supplyDry')];
  if (next.kind === 'drop' && returnF !== undefined && supplyF !== undefined)
    return toolText(returnF - supplyF, 'deltaF');
  return undefined;
}

/** Hints in three steps; each costs minutes. */
export function useHint(asked: HintAsked) {
  const call = useCall(asked.visit, asked.assessment);
  const explained = useExplainedNext();
  const [told, setTold] = useState<{ readonly of: string; readonly step: number; readonly words: string }>();
  const facts = asked.practice.power
    ? powerNext(asked, call)
    : explained && { next: explained, shows: showsOf(explained, asked.assessment, asked.truth) };
  const ask = () => {
    if (!facts) return setTold({ of: '', step: 0, words: 'Nothing tells much more now. Name what explains it best.' });
    const step = told?.of === facts.next.words ? Math.min(HINT_MINUTES.length, told.step + 1) : 1;
    drillStore.act({ kind: 'hint', step });
    setTold({ of: facts.next.words, step, words: hintWords(step, facts) });
  };
  const step = facts && told?.of === facts.next.words ? told.step : 0;
  return {
    words: told?.words,
    /** What the next one costs. */
    minutes: HINT_MINUTES[Math.min(step, HINT_MINUTES.length - 1)]!,
    ask,
    clear: () => setTold(undefined),
  };
}
