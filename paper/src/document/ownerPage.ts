import { ended, inSentence, moveOf } from '@huff/core';
import type { VisitDto } from '@huff/contract';
import {
  chargeWorks,
  chargeWorkWords,
  outcomeOf,
  partsUsed,
  type TriageArea,
  type TriageItem,
  UPKEEP_DONE,
} from '@huff/core/call';
import { looksSettledBy } from '@huff/core/fix';
import type { Block } from './block';
import type { DocumentFacts } from './facts';
import { dayText } from './moment';
import { figures } from './ownerFigures';
import { OWNER_LOOKS } from './ownerLooks';

const money = (value: number, currency = '$') => `${currency}${Math.round(value)}`;

/** What is said of a finding whose own words are figures that mean nothing to an owner. */
const IN_PLAIN_WORDS: Readonly<Record<TriageArea, string>> = {
  safety: 'It must be made safe before it runs.',
  power: 'The electrical controls need work.',
  blower: 'The blower or its motor needs work.',
  filter: 'The filter restricts airflow too much.',
  coil: 'A coil or its drain needs work.',
  ducts: 'A duct restricts airflow too much.',
  speed: 'The blower speed is wrong for this system.',
  heat: 'The heater needs work.',
  refrigerant: 'The refrigerant system needs work.',
  building: 'Air entering and leaving the building is out of balance.',
};

/** What an owner reads of a finding: its words, or what they come to where they are figures. */
const plainWords = ({ words, area, ownFact, look, looked }: TriageItem): string =>
  OWNER_LOOKS[`${look} ${looked}`]?.found ??
  (ownFact === undefined && /\d/.test(words) ? IN_PLAIN_WORDS[area] : ended(words));

/** What is recommended where no remedy is known but one in figures, which are the technician's. */
const REMEDY: Readonly<Record<TriageArea, string>> = {
  safety: 'Make it safe before it runs.',
  power: 'Repair the electrical controls.',
  blower: 'Repair the blower or its motor.',
  filter: 'Install a filter that lets more air through.',
  coil: 'Clean or repair the coil.',
  ducts: 'Enlarge or open up the duct.',
  speed: 'Set the blower to the right speed.',
  heat: 'Repair the heater.',
  refrigerant: 'Have the refrigerant system repaired.',
  building: 'Balance the air that enters and leaves.',
};

/** What fixes a finding, as an owner reads it. */
function remedyOf({ toDo, area, ownFact, words, look, looked, isStop }: TriageItem): string {
  const seen = OWNER_LOOKS[`${look} ${looked}`]?.toDo;
  // What makes it safe comes first, whatever the remedy is.
  if (isStop && area === 'safety' && toDo !== undefined)
    return seen === undefined ? ended(toDo) : `${ended(toDo)} ${seen}`;
  if (seen !== undefined) return seen;
  if (toDo !== undefined && !/\d/.test(toDo)) return ended(toDo);
  // In the technician's own words nothing is added.
  if (ownFact !== undefined) return ended(words);
  return /\d/.test(words) ? REMEDY[area] : `Repair: ${inSentence(ended(words))}`;
}

/** The title and the figures say what the air as a whole does. */
const isOfOwner = ({ id }: TriageItem) => id !== 'air-airflow';

/** Rows that say the same, once. */
const uniqueRows = (rows: readonly (readonly [string, string])[]) => [
  ...new Map(rows.map((row) => [row.join('\n'), row])).values(),
];

const unique = (lines: readonly string[]) => [...new Set(lines)];

/** What there is to say where nothing was changed. */
function nothingDone({ readings, facts = [] }: VisitDto): string {
  if (readings.length > 0) return 'Checked and measured; nothing was changed.';
  return facts.length > 0 ? 'Checked; nothing was changed.' : 'Nothing was measured or changed yet.';
}

/** The work of a visit: the plan, what was fixed, maintenance that was done, parts, what was done to the charge. */
function workDone({ parted, call, visit }: DocumentFacts): readonly string[] {
  const facts = visit.facts ?? [];
  const charge = chargeWorks(facts);
  const moves = (parted.plan?.record.moves ?? []).map(({ id }) => id);
  const settled = new Set(moves.flatMap(looksSettledBy));
  const circuits = new Set(charge.map(({ circuit }) => circuit)).size;
  return unique([
    // Its figures are the technician's.
    ...moves.flatMap((id) => {
      const move = moveOf(id);
      return move ? [move.done] : [];
    }),
    ...call.triage.flatMap((item) => {
      if (item.outcome !== 'dealtWith' || settled.has(item.look ?? '')) return [];
      const words = plainWords(item);
      return [`Fixed: ${inSentence(words)}`];
    }),
    ...Object.entries(UPKEEP_DONE).flatMap(([point, words]) => {
      const check = call.checks.get(point);
      return check && outcomeOf(check, call.context) === 'good' ? [words] : [];
    }),
    ...partsUsed(facts).map(({ name, count }) => `Installed: ${count > 1 ? `${count} × ` : ''}${name}.`),
    ...charge.map((work) => chargeWorkWords(work, circuits)),
  ]);
}

/** What is still to be decided or was decided: what is to be done, and its price or what became of it. */
function recommended(item: TriageItem, currency: string | undefined): readonly [string, string] {
  const { outcome, quoted } = item;
  const price = quoted === undefined ? undefined : `${money(quoted, currency)} quoted`;
  const became = {
    open: '',
    dealtWith: '',
    quoted: price ?? 'price to follow',
    declined: 'you chose not to do it now',
    watch: 'we will check it next time',
  };
  return [remedyOf(item), became[outcome]];
}

const listed = (text: string, items: readonly string[], beside: readonly Block[] = []): Block[] =>
  items.length > 0 ? [{ kind: 'heading', text }, ...beside, { kind: 'list', items }] : [];

/** More would not fit on the owner's one page. */
const MOST_PHOTOS = 3;

/** Photos of what was found, with what the owner reads of it. */
function photosOfFound({ photos = [] }: DocumentFacts, found: readonly TriageItem[]): readonly Block[] {
  const shown = photos.flatMap(({ id, item }) => {
    const of = found.find((one) => one.look === item || one.id === item);
    return of ? [{ id, caption: plainWords(of) }] : [];
  });
  return shown.length > 0 ? [{ kind: 'photoRow', photos: shown.slice(0, MOST_PHOTOS) }] : [];
}

/** The page for the owner: what was found, what was done, before and after, what is recommended with its price, what comes next. */
export function ownerBlocks(facts: DocumentFacts): readonly Block[] {
  const { parted, call, handOver, currency, link, visit, card } = facts;
  const rows = figures(facts);
  const done = workDone(facts);
  const own = call.triage.filter(isOfOwner);
  const later = own.filter(({ outcome, isSymptom }) => outcome !== 'dealtWith' && !isSymptom);
  const next = [
    handOver?.returnOn === undefined
      ? undefined
      : `${handOver.returnFor ?? 'Next visit'}: ${dayText(handOver.returnOn)}.`,
    handOver?.returnOn === undefined && handOver?.returnFor !== undefined ? `${handOver.returnFor}.` : undefined,
    handOver?.words,
  ].filter((one): one is string => one !== undefined);
  return [
    ...listed('What we found', unique(own.map(plainWords)), photosOfFound(facts, own)),
    { kind: 'heading', text: 'What we did' },
    done.length > 0 ? { kind: 'list', items: done } : { kind: 'text', text: nothingDone(visit) },
    ...(rows.length > 0
      ? [
          { kind: 'heading', text: parted.after ? 'Before and after' : 'Measured' } as const,
          { kind: 'figures', rows } as const,
        ]
      : []),
    ...(later.length > 0
      ? [
          { kind: 'heading', text: 'What we recommend' } as const,
          {
            kind: 'table',
            head: [],
            rows: uniqueRows(later.map((item) => recommended(item, currency))),
            figures: [1],
            shares: [5, 2],
          } as const,
        ]
      : []),
    ...listed('Next', next),
    ...(card?.payment ? [{ kind: 'text', text: ended(card.payment), soft: true } as const] : []),
    ...(handOver?.ownerName !== undefined || handOver?.signature !== undefined
      ? [{ kind: 'mark', signature: handOver.signature, name: handOver.ownerName, at: visit.startedAt } as const]
      : []),
    ...(link === undefined ? [] : [{ kind: 'link', url: link, words: 'this unit’s record' } as const]),
  ];
}
