import { assess, currentPart, type Assessment, type VisitDto } from '@huff/contract';
import { assessCallOf } from '@huff/contract/call';
import type { ShopDto } from '@huff/contract/fix';
import { DEFAULT_RULES, stagesText, staticText, unitText, type Rules } from '@huff/core';
import { airwayDrawing } from '../drawings/airwayDrawing';
import type { Block } from './block';
import { momentsIn } from './moment';
import { ownerFigures } from './ownerFigures';

/** Two visits of one unit, in any order of asking. */
export interface CompareSource {
  readonly earlier: VisitDto;
  readonly later: VisitDto;
  readonly rules?: Rules;
  readonly odds?: ShopDto['odds'];
  readonly zone: string;
  readonly drawingWidth?: number;
}

/** What each section of the path took, then and now; those that were read at one visit alone have a dash at the other. */
function sectionRows(was: Assessment, is: Assessment): string[][] {
  const drops = ({ judgement }: Assessment) =>
    new Map(
      judgement.sections.flatMap(({ stages, verdict }) =>
        verdict.value === undefined ? [] : [[stagesText(stages), verdict.value] as const],
      ),
    );
  const [before, now] = [drops(was), drops(is)];
  const text = (value: number | undefined) => (value === undefined ? '–' : staticText(value));
  return [...new Set([...before.keys(), ...now.keys()])].map((name) => {
    const [a, b] = [before.get(name), now.get(name)];
    const change = a === undefined || b === undefined ? '' : `${b < a ? '−' : '+'}${staticText(Math.abs(b - a))}`;
    return [name, text(a), text(b), change];
  });
}

/** Equipment, in words, as far as two visits can differ in it. */
function standing({ tap, setup, tons, table }: VisitDto): Readonly<Record<string, string>> {
  const { filterCount, filterWidthIn, filterHeightIn, drive } = setup ?? {};
  const turns = drive?.turnsOpen;
  return {
    'Speed tap': tap ?? '',
    'Turns open': typeof turns === 'number' ? String(turns) : '',
    Belt: typeof drive?.beltMark === 'string' ? drive.beltMark : '',
    Filters: filterWidthIn && filterHeightIn ? `${filterCount ?? 1} of ${filterWidthIn} × ${filterHeightIn}` : '',
    Tons: tons ? String(tons) : '',
    Table: table?.name ?? '',
  };
}

/**
 * Two visits of one unit beside each other: its figures then and now, where the pressure went, what was changed between, what was found at one and not
 * at the other.
 */
export function compareBlocks(source: CompareSource): readonly Block[] {
  const { rules = DEFAULT_RULES, odds, zone, drawingWidth } = source;
  const [earlier, later] =
    source.earlier.startedAt <= source.later.startedAt
      ? [source.earlier, source.later]
      : [source.later, source.earlier];
  const [was, is] = [currentPart(earlier), currentPart(later)];
  const [before, now] = [assess(was, rules), assess(is, rules)];
  const [wasThere, isThere] = [standing(was), standing(is)];
  const moved = Object.keys(wasThere).flatMap((name) =>
    wasThere[name] !== isThere[name] && isThere[name] !== '' ? [[name, wasThere[name] || '–', isThere[name]!]] : [],
  );
  const found = (visit: VisitDto, whole: VisitDto, assessment: Assessment) =>
    assessCallOf({ ...visit, facts: whole.facts }, assessment, rules, odds).triage;
  const [foundThen, foundNow] = [found(was, earlier, before), found(is, later, now)];
  const only = (here: typeof foundThen, there: typeof foundThen) =>
    here.filter(({ id }) => !there.some((other) => other.id === id)).map(({ words }) => words);
  const [gone, fresh] = [only(foundThen, foundNow), only(foundNow, foundThen)];
  const both = foundNow.filter(({ id }) => foundThen.some((other) => other.id === id)).map(({ words }) => words);
  const rows = ownerFigures({ before, now, changed: true });
  const sections = sectionRows(before, now);
  const { day } = momentsIn(zone);
  const list = (title: string, items: readonly string[]): Block[] =>
    items.length > 0
      ? [
          { kind: 'heading', text: title },
          { kind: 'list', items },
        ]
      : [];
  return [
    { kind: 'text', text: `${day(earlier.startedAt)}, then ${day(later.startedAt)}`, soft: true },
    rows.length > 0
      ? { kind: 'figures', rows }
      : { kind: 'text', text: 'The later visit has no readings, so there is nothing to compare.' },
    ...(now.pressures.size > 1 || before.pressures.size > 1
      ? [
          { kind: 'heading', text: 'Pressure profile' } as const,
          { kind: 'text', text: 'dashed: the earlier visit', soft: true } as const,
          {
            kind: 'drawing',
            drawing: airwayDrawing({
              layout: now.layout,
              width: drawingWidth,
              now: { ...now, sections: now.judgement.sections },
              before: { ...before, sections: before.judgement.sections },
            }),
          } as const,
        ]
      : []),
    ...(sections.length > 0
      ? [
          {
            kind: 'table',
            head: ['Section', `then, ${unitText('inWc')}`, 'now', 'change'],
            rows: sections,
            figures: [1, 2, 3],
            shares: [3, 2, 2, 2],
          } as const,
        ]
      : []),
    ...(moved.length > 0
      ? [
          { kind: 'heading', text: 'Changed between visits' } as const,
          { kind: 'table', head: ['', 'then', 'now'], rows: moved, shares: [2, 2, 2] } as const,
        ]
      : []),
    ...list('New since then', fresh),
    ...list('Found both times', both),
    ...list('Found then, not now', gone),
  ];
}
