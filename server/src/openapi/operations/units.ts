import { ROOF_COLUMNS } from '@huff/core/call';
import { ref } from '../schemas';
import { inQuery, list, one, type Operation } from './operation';

export const UNITS_OPERATIONS: readonly Operation[] = [
  {
    method: 'get',
    path: '/api/units/:id/photos',
    summary: 'The photos of a unit and of all its visits',
    tag: 'Units',
    answer: list('photos', ref('Photo')),
  },
  {
    method: 'get',
    path: '/api/blower-tables/:id/photos',
    summary: 'Photos of the paper that a blower table was read from',
    tag: 'Records',
    answer: list('photos', ref('Photo')),
  },
  {
    method: 'get',
    path: '/api/sites/:id/roof',
    summary: 'State of each unit of a site at its last visit, and the last result of each check',
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
    summary: 'State of every unit at its last visit, one line each',
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
        headline: {
          type: 'string',
          description: 'In words. A figure is written as ⟦inWc 0.58⟧: its quantity and the stored value.',
        },
        open: { type: 'integer', minimum: 0 },
      },
    }),
  },
  {
    method: 'get',
    path: '/api/search',
    summary: 'Sites, units, parts and visits by words; small typos are found',
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
];
