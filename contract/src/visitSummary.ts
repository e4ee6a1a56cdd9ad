import { complaintOf, DEFAULT_RULES, keepFigures, keptText, sentenceCase, unreplaced, type Rules } from '@huff/core';
import { assess, currentPart } from './plan';
import type { VisitSummary } from './spine/visitSummary';
import type { VisitDto } from './visit';

/** What was said when the call came in, as it was said. */
function saidAt({ facts = [] }: VisitDto): string | undefined {
  const said = unreplaced(facts).findLast(({ kind, inputs }) => kind === 'check' && inputs.point === 'complaint');
  const complaint = complaintOf(said?.inputs.state as string | undefined);
  return complaint && `“${sentenceCase(complaint.words)}”`;
}

/**
 * What a list says of a visit: of the unit as it is now, after a plan what was read since. Its words are stored: they keep their
 * figures for whoever reads them.
 */
export const summaryOf = (visit: VisitDto, rules: Rules = DEFAULT_RULES): VisitSummary =>
  keepFigures(() => {
    const { judgement, airflow, flow, drop, findings, next, advice } = assess(currentPart(visit), rules);
    const said = judgement.tespInWc === undefined ? saidAt(visit) : undefined;
    return {
      id: visit.id,
      title: visit.title,
      unitId: visit.unitId ?? null,
      startedAt: visit.startedAt,
      staticInWc: judgement.tespInWc ?? null,
      staticWord: judgement.tesp.word,
      // What is only usual is no airflow of this unit.
      flowCfm: flow && !flow.usualOnly ? flow.flowCfm : null,
      flowSigmaCfm: flow && !flow.usualOnly ? flow.sigmaCfm : null,
      flowWord: airflow.word,
      dropF: drop.value ?? null,
      dropWord: drop.word,
      worstFinding: findings[0] ? keptText(findings[0].text) : null,
      nextStep: next ? keptText(next.words) : null,
      headline: keptText(said ?? advice.headline),
    };
  });
