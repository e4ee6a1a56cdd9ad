import {
  applyMoves,
  beltDriveOf,
  FILTER_MEDIA,
  flowWords,
  lookItem,
  MOTOR_TEXT,
  percentText,
  portOf,
  shownWords,
  SOURCE_TEXT,
  staticText,
  takenMs,
  toolFigure,
  toolOf,
  toolText,
  toolUnitText,
  tonsText,
  unitText,
  valueText,
  VERDICT_TEXT,
  type Verdict,
  stagesText,
} from '@huff/core';
import { CALL_CAUTIONS, checkPoint, checksOf, checkText, OUTCOME_TEXT, partsUsed } from '@huff/core/call';
import { CAUTIONS } from '@huff/core/fix';
import { airwayDrawing } from '../drawings/airwayDrawing';
import { crossingDrawing } from '../drawings/crossingDrawing';
import { driveDrawing } from '../drawings/driveDrawing';
import { ladderDrawing } from '../drawings/ladderDrawing';
import type { Block } from './block';
import { EQUIPMENT } from './equipment';
import type { DocumentFacts } from './facts';
import { momentsIn } from './moment';

const heading = (text: string): Block => ({ kind: 'heading', text });
/** Blocks under a heading; nothing where there are none. */
const section = (title: string, ...blocks: readonly Block[]): readonly Block[] =>
  blocks.length > 0 ? [heading(title), ...blocks] : [];
const pairs = (rows: readonly (readonly [string, string | undefined])[]): Block => ({
  kind: 'table',
  head: [],
  rows: rows.flatMap(([name, value]) => (value === undefined || value === '' ? [] : [[name, value]])),
  shares: [1, 2],
});

function unitRows({ visit, unit, site, call }: DocumentFacts): Block {
  const { setup, tons, maxTespInWc, table, tap } = visit;
  const { filterWidthIn, filterHeightIn, filterCount, filterMedia, drive } = setup ?? {};
  const sizes = [
    ...(filterWidthIn && filterHeightIn
      ? [{ count: filterCount ?? 1, widthIn: filterWidthIn, heightIn: filterHeightIn }]
      : []),
    ...(setup?.moreFilters ?? []),
  ];
  // Air path and motor stand in the record always; what nobody said is not told as if it were known.
  const said = (what: 'layout' | 'motor') => !(setup?.unsaid ?? []).includes(what);
  const media = FILTER_MEDIA.find(({ id }) => id === filterMedia)?.text;
  return pairs([
    ['Unit', [unit?.name ?? visit.title, site?.name].filter(Boolean).join(', ')],
    ['Where it is', unit?.location ?? undefined],
    [
      'Kind',
      `${said('layout') ? EQUIPMENT[visit.layout] : 'not entered'}, ${said('motor') ? MOTOR_TEXT[visit.motor] : 'motor not entered'}, ${visit.mode}`,
    ],
    ['Nominal', tons ? `${tonsText(tons)} t, ${shownWords(visit.cfmPerTon, 'cfmPerTon')}` : undefined],
    ['Nameplate', maxTespInWc ? `${staticText(maxTespInWc)} ${unitText('inWc')} max` : undefined],
    [
      'Blower table',
      table ? `${table.name}${tap ? `, tap ${tap}` : ''}` : tap ? `none available; tap ${tap}` : 'none available',
    ],
    [
      'Filters',
      sizes.length > 0
        ? `${sizes.map(({ count, widthIn, heightIn }) => `${count} of ${widthIn} × ${heightIn}`).join(', ')}${media ? `, ${media}` : ''}`
        : undefined,
    ],
    ['Belt', typeof drive?.beltMark === 'string' ? drive.beltMark : undefined],
    ['Altitude', setup?.altitudeFt ? toolText(setup.altitudeFt, 'ft') : undefined],
    ['Complaint', call.complaint?.words],
  ]);
}

function readingRows({ visit, now, zone }: DocumentFacts): readonly Block[] {
  const { clock } = momentsIn(zone);
  const replaced = new Set(visit.readings.map(({ replacesId }) => replacesId).filter(Boolean));
  const rows = [...visit.readings]
    .sort((a, b) => takenMs(a) - takenMs(b))
    .map((reading) => {
      const { port, value, origin, conditions: c, typedAs, id } = reading;
      const ran = [
        `door ${c.door}`,
        `filter ${c.filter}`,
        `coil ${c.coil}`,
        c.minutesRunning === undefined ? undefined : `${c.minutesRunning} min`,
        c.tap ? `tap ${c.tap}` : undefined,
        c.lineVolts === undefined ? undefined : `${c.lineVolts} V`,
      ];
      return [
        clock(takenMs(reading)),
        `${port}, ${portOf(now.layout, port)?.name ?? ''}`,
        `${staticText(value)}${replaced.has(id) ? ' (corrected)' : ''}`,
        ran.filter(Boolean).join(', '),
        [SOURCE_TEXT[origin], typedAs].filter(Boolean).join(', '),
      ];
    });
  if (rows.length === 0) return [];
  return section(`Static, ${unitText('inWc')}`, {
    kind: 'table',
    head: ['at', 'where', 'read', 'while', 'from'],
    rows,
    figures: [2],
    shares: [1, 2.6, 1.6, 3.4, 1.2],
  });
}

/** Inputs of a method as it was filled in, by the method's own fields. */
function methodRows({ visit, zone }: DocumentFacts): readonly Block[] {
  const { clock } = momentsIn(zone);
  const rows = [...(visit.facts ?? [])]
    .sort((a, b) => takenMs(a) - takenMs(b))
    .flatMap((fact) => {
      const tool = toolOf(fact.kind);
      if (!tool) return [];
      const said = Object.entries(tool.fields).flatMap(([id, field]) => {
        const value = fact.inputs[id];
        if (field.kind === 'number' && typeof value === 'number')
          return [`${field.label.toLowerCase()} ${toolText(value, field.unit)}`];
        if (field.kind === 'list' && Array.isArray(value))
          return [
            `${field.label.toLowerCase()} ${value.map((one) => (typeof one === 'number' ? toolFigure(one, field.unit) : '')).join(', ')} ${toolUnitText(field.unit)}`,
          ];
        if (field.kind === 'choice') {
          const option = field.options.find((one) => one.id === value)?.text;
          return option ? [`${field.label.toLowerCase()} ${option}`] : [];
        }
        return typeof value === 'string' ? [`${field.label.toLowerCase()} ${value}`] : [];
      });
      return [[clock(takenMs(fact)), tool.name, said.join('; ')]];
    });
  return rows.length === 0
    ? []
    : section('Methods', { kind: 'table', head: ['at', 'method', 'what went in'], rows, shares: [1, 2, 6] });
}

const NOT_READ: ReadonlySet<string> = new Set(['complaint', 'scheme']);

function checkRows({ visit, zone }: DocumentFacts): readonly Block[] {
  const { clock } = momentsIn(zone);
  const looks = (visit.facts ?? []).flatMap((fact) => {
    const item = fact.kind === 'look' && typeof fact.inputs.item === 'string' ? lookItem(fact.inputs.item) : undefined;
    const state = item?.states.find(({ id }) => id === fact.inputs.state);
    return item && state ? [[clock(takenMs(fact)), item.name, state.text, '']] : [];
  });
  const checks = checksOf(visit.facts ?? []).flatMap((check) => {
    const point = checkPoint(check.point);
    if (!point || NOT_READ.has(point.id) || point.id.startsWith('caution-')) return [];
    return [[clock(check.takenAt ?? ''), point.name, checkText(check), point.expects]];
  });
  const rows = [...looks, ...checks];
  return rows.length === 0
    ? []
    : section('Tests', {
        kind: 'table',
        head: ['at', 'where', 'found', 'expected'],
        rows,
        shares: [1, 2.6, 2.4, 3],
      });
}

function limitText({ limit, unit }: Verdict): string | undefined {
  if (!limit) return undefined;
  const range =
    limit.low === undefined
      ? `at most ${valueText(limit.high, unit)}`
      : `${unit === 'share' ? percentText(limit.low) : toolFigure(limit.low, unit)} to ${valueText(limit.high, unit)}`;
  return `Limit: ${limit.name}, ${range} (${SOURCE_TEXT[limit.source]}).`;
}

/** A figure with its working: formula, what went in and where it comes from, the limit. */
function working(name: string, verdict: Verdict | undefined): Block[] {
  if (!verdict || verdict.value === undefined) return [];
  const { formula, inputs } = verdict.working;
  return [
    {
      kind: 'verdict',
      word: verdict.word,
      name,
      text: verdict.sentence,
      lines: [
        formula,
        inputs
          .map((input) => `${input.name} ${valueText(input.value, input.unit)} (${SOURCE_TEXT[input.source]})`)
          .join('; '),
        limitText(verdict) ?? '',
      ].filter((line) => line !== ''),
    },
  ];
}

function workings({ now }: DocumentFacts): readonly Block[] {
  const { judgement, airflow, drop, rise, filterFace, flow, estimates } = now;
  const methods = estimates.map(
    ({ name, flowCfm, sigmaShare, setAside }) =>
      `${name} ${flowWords(flowCfm)} ± ${Math.round(100 * sigmaShare)} %${setAside === undefined ? '' : `, excluded: ${setAside}`}`,
  );
  return section(
    'How each figure was calculated',
    ...working('Total external static', judgement.tesp),
    ...judgement.sections.flatMap(({ stages, verdict }) => working(stagesText(stages), verdict)),
    ...working('Airflow', airflow),
    ...(flow && methods.length > 0
      ? [
          {
            kind: 'text',
            text: `Airflow by: ${methods.join('; ')}. ${flow.says ? 'Scaled from airflow before the plan' : 'Together'} ${flowWords(flow.flowCfm)} ± ${flowWords(flow.sigmaCfm)}.`,
            soft: true,
          } as const,
        ]
      : []),
    ...working('Filter face', filterFace),
    ...working('Temperature drop', drop),
    ...working('Temperature rise', rise),
  );
}

function drawings(facts: DocumentFacts): readonly Block[] {
  const { before, now, parted, proof, call } = facts;
  const blocks: Block[] = [];
  if (now.pressures.size > 1)
    blocks.push(heading('Pressure profile'), {
      kind: 'drawing',
      drawing: airwayDrawing({
        layout: now.layout,
        now: { ...now, sections: now.judgement.sections },
        ...(parted.after ? { before: { ...before, sections: before.judgement.sections } } : {}),
      }),
    });
  const { plan } = parted;
  if (plan) {
    const { from, moves } = plan.record;
    const applied = applyMoves(from.system, moves);
    blocks.push(heading('Fan curve and duct system, before and after'), {
      kind: 'drawing',
      drawing: crossingDrawing({
        now: from.system,
        then: applied.ok ? applied.system : undefined,
        target: from.goal.target,
        maxTesp: from.goal.maxTesp,
        proven: proof?.proven,
      }),
    });
  } else if (now.model) {
    const { airflow, judgement } = now;
    const [band, most] = [airflow.limit, judgement.tesp.limit];
    const target =
      band?.low === undefined
        ? undefined
        : { flowCfm: (band.low + band.high) / 2, lowCfm: band.low, highCfm: band.high, source: band.source };
    if (most)
      blocks.push(heading('Fan curve and duct system'), {
        kind: 'drawing',
        drawing: crossingDrawing({
          now: now.model.system,
          target,
          maxTesp: { value: most.high, source: most.source },
        }),
      });
  }
  const left = parted.after ?? parted.before;
  const drives = [parted.before, left].map(({ setup }) => (setup?.drive ? beltDriveOf(setup.drive) : undefined));
  const drive =
    drives[1] && driveDrawing({ now: drives[1], ...(parted.after && drives[0] ? { asFound: drives[0] } : {}) });
  if (drive)
    blocks.push(heading(parted.after ? 'The drive, as found dashed' : 'The drive'), {
      kind: 'drawing',
      drawing: drive,
    });
  for (const { ladder, id } of call.circuits)
    if (ladder && ladder.marks.size > 0)
      blocks.push(heading(`Refrigerant, circuit ${id}, ${ladder.refrigerant}`), {
        kind: 'drawing',
        drawing: ladderDrawing(ladder),
      });
  return blocks;
}

function proofRows({ proof }: DocumentFacts): readonly Block[] {
  if (!proof) return [];
  const text = (value: number | undefined, unit: Parameters<typeof toolFigure>[1]) =>
    value === undefined ? '–' : toolFigure(value, unit);
  return section(
    'Predicted and measured',
    {
      kind: 'table',
      head: ['', 'before', 'predicted', 'after', ''],
      rows: proof.lines.map(({ name, unit, before, promised, after, word }) => [
        `${name}, ${toolUnitText(unit)}`,
        text(before, unit),
        text(promised, unit),
        text(after, unit),
        word === 'cantSay' ? '' : VERDICT_TEXT[word],
      ]),
      figures: [1, 2, 3],
      shares: [3, 1, 1, 1, 1.2],
    },
    ...(proof.sentence === undefined ? [] : [{ kind: 'text', text: proof.sentence } as const]),
    ...proof.contradictions.map((text): Block => ({ kind: 'text', text })),
  );
}

function foundRows({ call, currency = '$', zone }: DocumentFacts): readonly Block[] {
  const { day } = momentsIn(zone);
  if (call.triage.length === 0) return [];
  return section('Findings, in the order to fix them', {
    kind: 'table',
    head: ['what', 'became', 'min', 'parts'],
    rows: call.triage.map(({ words, toDo, outcome, quoted, minutes, money, since }) => [
      [words, toDo, since === undefined ? undefined : `(since ${day(since)})`].filter(Boolean).join(' '),
      `${OUTCOME_TEXT[outcome]}${quoted === undefined ? '' : ` ${currency}${quoted}`}`,
      minutes > 0 ? String(minutes) : '',
      money > 0 ? `${currency}${money}` : '',
    ]),
    figures: [2, 3],
    shares: [6, 1.6, 0.8, 1],
  });
}

function partRows({ visit, currency = '$' }: DocumentFacts): readonly Block[] {
  const parts = partsUsed(visit.facts ?? []);
  if (parts.length === 0) return [];
  return section('Parts used', {
    kind: 'table',
    head: ['part', 'count', 'each'],
    rows: parts.map(({ name, count, cost }) => [name, String(count), cost === undefined ? '' : `${currency}${cost}`]),
    figures: [1, 2],
    shares: [6, 1, 1],
  });
}

function cautionRows({ visit, parted, zone }: DocumentFacts): readonly Block[] {
  const { clock } = momentsIn(zone);
  const read = checksOf(visit.facts ?? []).flatMap(({ point, takenAt }) => {
    const caution = CALL_CAUTIONS.find(({ id }) => point === `caution-${id}`);
    return caution ? [`${clock(takenAt ?? '')} ${caution.name}: ${caution.words}`] : [];
  });
  const ofPlan = (parted.plan?.record.cautionsRead ?? []).map((id) => CAUTIONS[id]);
  return section(
    'Cautions read',
    ...(read.length + ofPlan.length > 0 ? [{ kind: 'list', items: [...read, ...ofPlan] } as const] : []),
  );
}

/** What the next technician needs: every reading with its conditions, the working of each figure, limits with their sources, drawings. */
export function technicianBlocks(facts: DocumentFacts): readonly Block[] {
  const { now, photos = [], call } = facts;
  const captionOf = (item: string) => lookItem(item)?.name ?? call.triage.find(({ id }) => id === item)?.words ?? item;
  return [
    unitRows(facts),
    ...workings(facts),
    ...drawings(facts),
    ...proofRows(facts),
    ...readingRows(facts),
    ...methodRows(facts),
    ...checkRows(facts),
    ...foundRows(facts),
    ...partRows(facts),
    ...section(
      'Questioned readings',
      ...(now.questions.length > 0
        ? [{ kind: 'list', items: now.questions.map(({ sentence }) => sentence) } as const]
        : []),
    ),
    ...cautionRows(facts),
    ...section('Photos', ...photos.map(({ id, item }): Block => ({ kind: 'photo', id, caption: captionOf(item) }))),
    {
      kind: 'text',
      text: 'Local code and licensed practice come before anything in this report. Only certified people handle refrigerant.',
      soft: true,
    },
  ];
}
