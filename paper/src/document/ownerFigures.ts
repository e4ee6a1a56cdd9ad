import { flowText, shownText, staticText, unitText, type Verdict } from '@huff/core';
import type { OwnerFigure } from './block';
import { EQUIPMENT } from './equipment';
import type { DocumentFacts } from './facts';

/** What is right, in an owner’s words. */
function rightWords({ limit }: Verdict, text: (value: number) => string): string {
  if (!limit) return '';
  if (limit.low !== undefined) return `${text(limit.low)} to ${text(limit.high)} is right`;
  const from = limit.source === 'nameplate' ? 'the nameplate allows' : 'at most about';
  return `${from} ${text(limit.high)}`;
}

const degrees = (value: number) => shownText(value, 'deltaF', 1);
const under = (unit: string, right: string) => (right === '' ? unit : `${unit}; ${right}`);

/** What the figures of a page are made from: how it was, how it is, what was proven between. */
export interface FigureFacts extends Pick<DocumentFacts, 'before' | 'now' | 'proof'> {
  /** Something was changed between the two; else one of them is shown alone. */
  readonly changed: boolean;
}

/** A bar ends so far past the largest figure on it. */
const BAR_ROOM = 1.15;

export function ownerFigures({ before, now, changed, proof }: FigureFacts): OwnerFigure[] {
  const line = (id: string) => proof?.lines.find((one) => one.id === id);
  const rows: OwnerFigure[] = [];
  // Figures read while a stop is on say nothing to an owner.
  if (now.stop) return rows;
  const flow = (assessment: typeof now) =>
    assessment.flow && !assessment.flow.usualOnly ? assessment.flow.flowCfm : undefined;
  // The airflow after the work is the one that was proven, where it was.
  const flowNow = line('flow')?.after ?? flow(now);
  const was = (value: number | undefined, text: (value: number) => string) =>
    changed && value !== undefined ? { before: text(value) } : {};
  const barOf = ({ limit }: Verdict, is: number, then: number | undefined): Pick<OwnerFigure, 'bar'> => {
    if (!limit) return {};
    const { low = 0, high } = limit;
    const before = changed ? then : undefined;
    return { bar: { low, high, now: is, before, most: BAR_ROOM * Math.max(high, is, before ?? 0) } };
  };
  if (flowNow !== undefined)
    rows.push({
      name: 'Air moved',
      under: under(unitText('cfm'), rightWords(now.airflow, flowText)),
      ...was(line('flow')?.before ?? flow(before), flowText),
      now: flowText(flowNow),
      ...barOf(now.airflow, flowNow, line('flow')?.before ?? flow(before)),
      word: line('flow')?.after === undefined ? now.airflow.word : line('flow')!.word,
    });
  const tesp = now.judgement.tespInWc;
  const { word: tespWord } = now.judgement.tesp;
  // Alone it says nothing to an owner, unless it is too much.
  if (tesp !== undefined && (changed || tespWord === 'outside')) {
    const then = before.judgement.tespInWc;
    const flowThen = line('flow')?.before ?? flow(before);
    // More air through the same ducts meets more resistance: that is no failure of the work.
    const isByAir =
      changed &&
      then !== undefined &&
      tesp > then &&
      flowThen !== undefined &&
      (flowNow ?? 0) > flowThen &&
      now.airflow.word !== 'outside';
    rows.push({
      name: 'Resistance to the blower',
      under: under(
        unitText('inWc'),
        isByAir ? 'higher because more air moves now' : rightWords(now.judgement.tesp, staticText),
      ),
      ...was(then, staticText),
      now: staticText(tesp),
      ...barOf(now.judgement.tesp, tesp, then),
      word: isByAir && tespWord === 'outside' ? 'atTheEdge' : tespWord,
    });
  }
  const { drop, rise } = now;
  if (drop.value !== undefined)
    rows.push({
      name: 'How much the air is cooled',
      under: under(unitText('deltaF'), rightWords(drop, degrees)),
      ...was(before.drop.value, degrees),
      now: degrees(drop.value),
      ...barOf(drop, drop.value, before.drop.value),
      word: drop.word,
    });
  if (rise?.value !== undefined)
    rows.push({
      name: 'How much the air is heated',
      under: under(unitText('deltaF'), rightWords(rise, degrees)),
      ...was(before.rise?.value, degrees),
      now: degrees(rise.value),
      ...barOf(rise, rise.value, before.rise?.value),
      word: rise.word,
    });
  return rows;
}

export const figures = ({ parted, ...facts }: DocumentFacts) =>
  ownerFigures({ ...facts, changed: parted.after !== undefined });

/** What a borderline airflow is to an owner: which side of right it lies on. */
function aboutWords({ value, limit }: Verdict): string {
  if (value !== undefined && limit?.low !== undefined && value < limit.low) return 'slightly less air than it should';
  if (value !== undefined && limit && value > limit.high) return 'slightly more air than it should';
  return 'close to the right amount of air';
}

/** What the page says first: no more than what was read allows. */
export function ownerTitle(facts: DocumentFacts): string {
  const { visit, before, now, parted, call } = facts;
  // Nobody said the equipment: no name is taken for it.
  const what = (visit.setup?.unsaid ?? []).includes('layout') ? 'unit' : EQUIPMENT[visit.layout];
  const stops = call.triage.some(({ area, outcome }) => area === 'safety' && outcome !== 'dealtWith');
  if (stops || now.stop?.isDanger) return `Your ${what} must not run until it is made safe`;
  if (now.stop) return `Your ${what} cannot be judged yet: ${now.stop.name}`;
  if (figures(facts).length === 0) return `What we found at your ${what}`;
  const [was, is] = [before.airflow.word, now.airflow.word];
  if (parted.after && was === 'outside' && is === 'inside') return `Your ${what} has the right airflow again`;
  if (is === 'inside') return `Your ${what} has the right airflow`;
  if (is === 'atTheEdge') return `Your ${what} moves ${aboutWords(now.airflow)}`;
  if (is === 'outside') return `Your ${what} does not have the right airflow yet`;
  return `What we found at your ${what}`;
}
