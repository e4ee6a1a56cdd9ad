import { ROOF_COLUMNS } from '@huff/core/call';
import { ref, type Schema } from './schemas';

/** A parameter of an address. */
export interface Parameter {
  readonly name: string;
  readonly in: 'query' | 'header';
  readonly schema: Schema;
  readonly description: string;
  readonly required?: boolean;
}

/** One thing the server does at an address. */
export interface Operation {
  readonly method: 'get' | 'put' | 'post';
  /** As Express has it: "/api/units/:id". */
  readonly path: string;
  readonly summary: string;
  readonly tag: string;
  readonly query?: readonly Parameter[];
  readonly body?: Schema;
  /** What is answered when it went well: JSON of a schema, a file of a type, or nothing. */
  readonly answer: Schema | { readonly type: string } | undefined;
  /** Refusals beside 422, each with what it means. */
  readonly refusals?: Readonly<Record<string, string>>;
}

export const isFile = (answer: Operation['answer']): answer is { readonly type: string } =>
  typeof answer?.type === 'string' && answer.type.includes('/');

const list = (name: string, items: Schema): Schema => ({
  type: 'object',
  required: [name],
  properties: { [name]: { type: 'array', items } },
});
const inQuery = (
  name: string,
  description: string,
  schema: Schema = { type: 'string' },
  required = false,
): Parameter => ({
  name,
  in: 'query',
  schema,
  description,
  required,
});
const one = (...values: string[]): Schema => ({ type: 'string', enum: values });

const GONE = { '404': 'There is no such record.' };
const PUT_REFUSALS = {
  '409': 'The id stands for another record.',
  '412': 'It was changed since it was read.',
  '428': 'It is here already: send If-Match with the ETag it was read with.',
};
const AFTER = inQuery('after', '`next` of the page before.');
const PAPER = inQuery('size', 'Paper; letter when it is not said.', one('letter', 'A4'));
const MEASURES = inQuery(
  'measures',
  'Units it is written in, as pa,ls,c,mm,m,kw; those of the US when it is not said.',
);
const PHOTOS = inQuery('photos', 'Whether the pictures are in it.', one('no', 'yes'));
const BUNDLE_REFUSED = {
  '400': 'The file did not come whole.',
  '409': 'An id stands for something else.',
  '413': 'The file is larger than 1 GB.',
  '415': 'The file is packed, or no JSON.',
  '507': 'The disk of the server is full.',
};
const ZONE = inQuery('zone', 'Time zone in whose hours moments are written; UTC when it is not said.');
const DAYS = [
  inQuery('from', 'The first day.', { type: 'string', format: 'date' }, true),
  inQuery('to', 'The last day; at most a month after the first.', { type: 'string', format: 'date' }, true),
  inQuery('person', 'Only the stops of this person.'),
];
const LABEL = inQuery('size', 'Size of the label.', one('medium', 'small', 'large'));

/** The plain addresses of a kind of record. */
function record(path: string, name: string, what: string): readonly Operation[] {
  const tag = 'Records';
  return [
    {
      method: 'get',
      path: `/api/${path}`,
      summary: `A page of ${what}s, by id`,
      tag,
      query: [AFTER],
      answer: {
        type: 'object',
        required: ['records', 'next'],
        properties: {
          records: { type: 'array', items: ref(name) },
          next: { type: ['string', 'null'], format: 'uuid' },
        },
      },
    },
    { method: 'get', path: `/api/${path}/:id`, summary: `One ${what}`, tag, answer: ref(name), refusals: GONE },
    {
      method: 'get',
      path: `/api/${path}/:id/history`,
      summary: `Who changed what of a ${what}, and when`,
      tag,
      query: [AFTER],
      answer: { type: 'object' },
      refusals: GONE,
    },
    {
      method: 'put',
      path: `/api/${path}/:id`,
      summary: `Makes a ${what}, or changes it as it was read`,
      tag,
      body: ref(name),
      answer: undefined,
      refusals: PUT_REFUSALS,
    },
  ];
}

/** Everything the server does. A test holds it against the addresses that it really has. */
export const OPERATIONS: readonly Operation[] = [
  { method: 'get', path: '/api/health', summary: 'How the server is', tag: 'Server', answer: { type: 'object' } },
  { method: 'get', path: '/api/openapi.json', summary: 'This document', tag: 'Server', answer: { type: 'object' } },
  {
    method: 'post',
    path: '/api/sync',
    summary: 'Does operations and tells what changed since a cursor',
    tag: 'Sync',
    body: ref('SyncRequest'),
    answer: {
      type: 'object',
      required: ['results', 'changes', 'cursor', 'more'],
      properties: {
        results: { type: 'array', items: { type: 'object' } },
        changes: { type: 'array', items: { type: 'object' } },
        cursor: { type: ['string', 'null'] },
        more: { type: 'boolean' },
      },
    },
  },
  ...record('sites', 'Site', 'site'),
  ...record('units', 'Unit', 'unit'),
  ...record('blower-tables', 'BlowerTable', 'blower table'),
  ...record('shop', 'Shop', 'shop'),
  ...record('stops', 'Stop', 'planned stop'),
  {
    method: 'get',
    path: '/api/visits',
    summary: 'Visits, the newest first, each in a line',
    tag: 'Visits',
    query: [inQuery('unit', 'Only those of this unit.', { type: 'string', format: 'uuid' }), AFTER],
    answer: list('visits', { type: 'object' }),
  },
  {
    method: 'get',
    path: '/api/visits/:id',
    summary: 'One visit with everything read at it',
    tag: 'Visits',
    answer: ref('Visit'),
    refusals: GONE,
  },
  {
    method: 'put',
    path: '/api/visits/:id',
    summary: 'Makes a visit, or adds to it: readings and facts are never changed',
    tag: 'Visits',
    body: ref('Visit'),
    answer: undefined,
    refusals: PUT_REFUSALS,
  },
  {
    method: 'get',
    path: '/api/visits/:id/history',
    summary: 'Who changed what of a visit, and when',
    tag: 'Visits',
    query: [AFTER],
    answer: { type: 'object' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/visits/:id/photos',
    summary: 'The photos of a visit',
    tag: 'Visits',
    answer: list('photos', ref('Photo')),
  },
  {
    method: 'post',
    path: '/api/visits/:id/plans',
    summary: 'Plans that would land the air in its band',
    tag: 'Visits',
    body: ref('PlanWishes'),
    answer: { type: 'object' },
    refusals: { ...GONE, '409': 'The visit does not say enough yet.', '429': 'Too many are being made: try again.' },
  },
  {
    method: 'get',
    path: '/api/visits/:id/report.pdf',
    summary: 'The document of a visit as PDF',
    tag: 'Papers',
    query: [PAPER, ZONE, MEASURES],
    answer: { type: 'application/pdf' },
    refusals: { ...GONE, '429': 'Too many are being made: try again.' },
  },
  {
    method: 'get',
    path: '/api/visits/:id/report.html',
    summary: 'The same as a page to print',
    tag: 'Papers',
    query: [PAPER, ZONE, MEASURES],
    answer: { type: 'text/html' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/visits/:id/readings.csv',
    summary: 'Everything read and recorded at a visit',
    tag: 'Papers',
    answer: { type: 'text/csv' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/units/:id/label.pdf',
    summary: 'A unit’s label, on its own page or a sheet',
    tag: 'Papers',
    query: [LABEL, MEASURES, inQuery('paper', 'A sheet of this paper.', one('letter', 'A4'))],
    answer: { type: 'application/pdf' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/units/:id/label.svg',
    summary: 'A unit’s label as a drawing',
    tag: 'Papers',
    query: [LABEL, MEASURES],
    answer: { type: 'image/svg+xml' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/sites/:id/labels.pdf',
    summary: 'The labels of a site’s units on a sheet',
    tag: 'Papers',
    query: [LABEL, MEASURES, inQuery('paper', 'The sheet’s paper.', one('letter', 'A4'))],
    answer: { type: 'application/pdf' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/units/:id/photos',
    summary: 'The photos of a unit, of all its visits',
    tag: 'Units',
    answer: list('photos', ref('Photo')),
  },
  {
    method: 'get',
    path: '/api/photos/:id/image',
    summary: 'A photo',
    tag: 'Visits',
    query: [inQuery('size', 'The small picture, for lists.', one('full', 'small'))],
    answer: { type: 'image/jpeg' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/sites/:id/roof',
    summary: 'How each unit of a site stood at its last visit, and each check when it was last looked at',
    tag: 'Units',
    answer: {
      type: 'object',
      required: ['visits', 'marks'],
      properties: {
        visits: { type: 'array', items: { type: 'object' } },
        marks: {
          type: 'array',
          items: {
            type: 'object',
            required: ['unitId', 'column', 'word', 'visitId', 'at'],
            properties: {
              unitId: { type: 'string', format: 'uuid' },
              column: { enum: ROOF_COLUMNS.map(({ id }) => id) },
              word: { enum: ['inside', 'atTheEdge', 'outside', 'cantSay'] },
              visitId: { type: 'string', format: 'uuid' },
              at: { type: 'string', format: 'date-time' },
            },
          },
        },
      },
    },
  },
  {
    method: 'get',
    path: '/api/stands',
    summary: 'How every unit stood at its last visit, in a line',
    tag: 'Units',
    answer: list('units', {
      type: 'object',
      required: ['unitId', 'visitId', 'startedAt', 'headline', 'open'],
      properties: {
        unitId: { type: 'string', format: 'uuid' },
        visitId: { type: 'string', format: 'uuid' },
        startedAt: { type: 'string', format: 'date-time' },
        staticInWc: { type: ['number', 'null'] },
        staticWord: ref('VerdictWord'),
        flowCfm: { type: ['number', 'null'] },
        flowWord: ref('VerdictWord'),
        headline: { type: 'string' },
        open: { type: 'integer', minimum: 0 },
      },
    }),
  },
  {
    method: 'get',
    path: '/api/due',
    summary: 'What is due at units, the earliest first',
    tag: 'Days',
    answer: list('due', ref('DueItem')),
  },
  {
    method: 'get',
    path: '/api/due/calendar.ics',
    summary: 'What is planned and due, as a calendar to subscribe to',
    tag: 'Days',
    answer: { type: 'text/calendar' },
  },
  {
    method: 'get',
    path: '/api/load',
    summary: 'What the stops of some days need, minus what is on the truck',
    tag: 'Days',
    query: DAYS,
    answer: {
      type: 'object',
      required: ['stops', 'currency', 'lines'],
      properties: {
        stops: { type: 'integer', minimum: 0 },
        currency: { type: 'string' },
        lines: { type: 'array', items: ref('LoadLine') },
      },
    },
  },
  {
    method: 'get',
    path: '/api/load/list.csv',
    summary: 'The same as a list to load, or to buy',
    tag: 'Days',
    query: [...DAYS, inQuery('list', 'Which of the two; to load when it is not said.', one('load', 'buy'))],
    answer: { type: 'text/csv' },
  },
  {
    method: 'get',
    path: '/api/stock',
    summary: 'The shop’s parts with what is left of them on the truck',
    tag: 'Days',
    answer: list('parts', { type: 'object', required: ['key', 'kind', 'name', 'cost', 'onTruck'] }),
  },
  {
    method: 'get',
    path: '/api/mails',
    summary: 'Reports and reminders as they would be sent, the newest first',
    tag: 'Days',
    answer: list('mails', ref('Mail')),
  },
  {
    method: 'get',
    path: '/api/search',
    summary: 'Sites, units, parts and visits by words, slips forgiven',
    tag: 'Units',
    query: [inQuery('q', 'What to find, 1 to 80 characters.', { type: 'string', minLength: 1, maxLength: 80 }, true)],
    answer: list('found', {
      type: 'object',
      required: ['of', 'id', 'name'],
      properties: {
        of: one('site', 'unit', 'part', 'visit'),
        id: { type: 'string' },
        name: { type: 'string' },
        siteName: { type: ['string', 'null'] },
        at: { type: 'string', format: 'date-time' },
        words: { type: ['string', 'null'] },
      },
    }),
  },
  {
    method: 'get',
    path: '/api/bundle',
    summary: 'The whole shop as one file',
    tag: 'Data',
    query: [PHOTOS],
    answer: { type: 'object' },
  },
  {
    method: 'get',
    path: '/api/sites/:id/bundle',
    summary: 'One site with its units, their tables and visits as a file',
    tag: 'Data',
    query: [PHOTOS],
    answer: { type: 'object' },
    refusals: GONE,
  },
  {
    method: 'post',
    path: '/api/bundle/preview',
    summary: 'What a file would bring; nothing is kept',
    tag: 'Data',
    body: { type: 'object' },
    answer: { type: 'object' },
    refusals: BUNDLE_REFUSED,
  },
  {
    method: 'post',
    path: '/api/bundle',
    summary: 'Takes a file in: all of it or nothing',
    tag: 'Data',
    body: { type: 'object' },
    answer: { type: 'object' },
    refusals: BUNDLE_REFUSED,
  },
];
