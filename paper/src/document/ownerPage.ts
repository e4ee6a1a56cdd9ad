import { ended, flowText, shownText, staticText, unitText, type Verdict } from '@huff/core';
import type { VisitDto } from '@huff/contract';
import { partsUsed, type TriageItem } from '@huff/core/call';
import { airwayDrawing } from '../drawings/airwayDrawing';
import type { Block, OwnerFigure } from './block';
import { EQUIPMENT } from './equipment';
import type { DocumentFacts } from './facts';
import { dayText } from './moment';

/** What is right, in an owner’s words. */
function rightWords({ limit }: Verdict, text: (value: number) => string): string {
  if (!limit) return '';
  if (limit.low !== undefined) return `${text(limit.low)} to ${text(limit.high)} is right`;
  const from = limit.source === 'nameplate' ? 'the plate allows' : 'at most about';
  return `${from} ${text(limit.high)}`;
}

const degrees = (value: number) => shownText(value, 'deltaF', 1);
const under = (unit: string, right: string) => (right === '' ? unit : `${unit}; ${right}`);

/** What the figures of a page are made from: how it was, how it is, what was proven between. */
export interface FigureFacts extends Pick<DocumentFacts, 'before' | 'now' | 'proof'> {
  /** Something was changed between the two; else one of them is shown alone. */
  readonly changed: boolean;
}

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
  if (flowNow !== undefined)
    rows.push({
      name: 'Air moved',
      under: under(unitText('cfm'), rightWords(now.airflow, flowText)),
      ...was(line('flow')?.before ?? flow(before), flowText),
      now: flowText(flowNow),
      word: line('flow')?.after === undefined ? now.airflow.word : line('flow')!.word,
    });
  const tesp = now.judgement.tespInWc;
  if (tesp !== undefined)
    rows.push({
      name: 'Pressure the blower works against',
      under: under(unitText('inWc'), rightWords(now.judgement.tesp, staticText)),
      ...was(before.judgement.tespInWc, staticText),
      now: staticText(tesp),
      word: now.judgement.tesp.word,
    });
  const { drop, rise } = now;
  if (drop.value !== undefined)
    rows.push({
      name: 'How much the air is cooled',
      under: under(unitText('deltaF'), rightWords(drop, degrees)),
      ...was(before.drop.value, degrees),
      now: degrees(drop.value),
      word: drop.word,
    });
  if (rise?.value !== undefined)
    rows.push({
      name: 'How much the air is heated',
      under: under(unitText('deltaF'), rightWords(rise, degrees)),
      ...was(before.rise?.value, degrees),
      now: degrees(rise.value),
      word: rise.word,
    });
  return rows;
}

const figures = ({ parted, ...facts }: DocumentFacts) =>
  ownerFigures({ ...facts, changed: parted.after !== undefined });

/** What a borderline airflow is to an owner: which side of right it lies on. */
function aboutWords({ value, limit }: Verdict): string {
  if (value !== undefined && limit?.low !== undefined && value < limit.low) return 'a little less air than it should';
  if (value !== undefined && limit && value > limit.high) return 'a little more air than it should';
  return 'about the air it should';
}

/** What the page says first: no more than what was read allows. */
export function ownerTitle(facts: DocumentFacts): string {
  const { visit, before, now, parted, call } = facts;
  // Nobody said what stands here: no name is taken for it.
  const what = (visit.setup?.unsaid ?? []).includes('layout') ? 'unit' : EQUIPMENT[visit.layout];
  const stops = call.triage.some(({ area, outcome }) => area === 'safety' && outcome !== 'dealtWith');
  if (stops || now.stop?.isDanger) return `Your ${what} must not run until something is made safe`;
  if (now.stop) return `Your ${what} cannot be judged yet: ${now.stop.name}`;
  if (figures(facts).length === 0) return `What was found at your ${what}`;
  const [was, is] = [before.airflow.word, now.airflow.word];
  if (parted.after && was === 'outside' && is === 'inside') return `Your ${what} moves the air it should again`;
  if (is === 'inside') return `Your ${what} moves the air it should`;
  if (is === 'atTheEdge') return `Your ${what} moves ${aboutWords(now.airflow)}`;
  if (is === 'outside') return `Your ${what} does not move the air it should yet`;
  return `What was found at your ${what}`;
}

const money = (value: number, currency = '$') => `${currency}${Math.round(value)}`;

function notDoneWords({ words, outcome, quoted }: TriageItem, currency: string | undefined): string {
  const asked = quoted === undefined ? '' : ` at ${money(quoted, currency)}`;
  const became = {
    open: '',
    dealtWith: '',
    quoted: ` Quoted${asked}.`,
    declined: ' Declined for now.',
    watch: ' We keep an eye on it.',
  }[outcome];
  return `${ended(words)}${became}`;
}

/** What there is to say where nothing was changed. */
function nothingDone({ readings, facts = [] }: VisitDto): string {
  if (readings.length > 0) return 'Looked at and measured; nothing was changed.';
  return facts.length > 0 ? 'Looked at; nothing was changed.' : 'Nothing was read or changed yet.';
}

/** The page for the owner: figures before and after, where the pressure goes, what was done, what was not, what comes next. */
export function ownerBlocks(facts: DocumentFacts): readonly Block[] {
  const { before, now, parted, call, handOver, currency, link, visit, drawingWidth } = facts;
  const rows = figures(facts);
  const read = now.pressures.size > 1 && !now.stop;
  const done = [
    ...(parted.plan?.record.words ?? []),
    ...call.triage.flatMap(({ outcome, words }) =>
      outcome === 'dealtWith' ? [`Put right: ${words.charAt(0).toLowerCase()}${words.slice(1)}`] : [],
    ),
    ...partsUsed(visit.facts ?? []).map(({ name, count }) => `Fitted: ${count > 1 ? `${count} × ` : ''}${name}.`),
  ];
  // What the air as a whole does stands in the figures above.
  const notDone = call.triage.filter(({ id, outcome }) => outcome !== 'dealtWith' && id !== 'air-airflow');
  const next = [
    handOver?.returnOn === undefined
      ? undefined
      : `${handOver.returnFor ?? 'Next visit'}: ${dayText(handOver.returnOn)}.`,
    handOver?.returnOn === undefined && handOver?.returnFor !== undefined ? `${handOver.returnFor}.` : undefined,
    handOver?.words,
  ].filter((one): one is string => one !== undefined);
  return [
    ...(rows.length > 0 ? [{ kind: 'figures', rows } as const] : []),
    ...(read
      ? [
          { kind: 'heading', text: 'Where the pressure goes' } as const,
          ...(parted.after ? [{ kind: 'text', text: 'dashed: before', soft: true } as const] : []),
          {
            kind: 'drawing',
            drawing: airwayDrawing({
              layout: now.layout,
              width: drawingWidth,
              now: { ...now, stretches: now.judgement.stretches },
              ...(parted.after ? { before: { ...before, stretches: before.judgement.stretches } } : {}),
            }),
          } as const,
        ]
      : []),
    { kind: 'heading', text: 'What was done' },
    done.length > 0 ? { kind: 'list', items: done } : { kind: 'text', text: nothingDone(visit) },
    ...(notDone.length > 0
      ? [
          { kind: 'heading', text: 'What was found and not done' } as const,
          { kind: 'list', items: notDone.map((item) => notDoneWords(item, currency)) } as const,
        ]
      : []),
    ...(next.length > 0 ? [{ kind: 'heading', text: 'Next' } as const, { kind: 'list', items: next } as const] : []),
    ...(handOver?.ownerName !== undefined || handOver?.signature !== undefined
      ? [{ kind: 'mark', signature: handOver.signature, name: handOver.ownerName, at: visit.startedAt } as const]
      : []),
    ...(link === undefined ? [] : [{ kind: 'link', url: link, words: 'this unit’s record' } as const]),
  ];
}
