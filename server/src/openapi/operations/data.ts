import { ref, type Schema } from '../schemas';
import { GONE, inQuery, one, type Operation } from './operation';

const PHOTOS = inQuery('photos', 'Whether the pictures are in it.', one('no', 'yes'));

const BUNDLE_REFUSED = {
  '400': 'The file arrived incomplete.',
  '409': 'The id belongs to another record.',
  '413': 'The file is larger than 1 GB.',
  '415': 'The file is packed, or no JSON.',
  '507': 'The server’s disk is full.',
};

const BACKUPS: Schema = {
  type: 'object',
  required: ['isOn', 'last', 'kept', 'isMaking', 'isLacking', 'fault'],
  properties: {
    isOn: { type: 'boolean' },
    last: {
      type: ['object', 'null'],
      properties: { madeAt: { type: 'string', format: 'date-time' }, bytes: { type: 'integer' } },
    },
    kept: { type: 'integer' },
    isMaking: { type: 'boolean' },
    isLacking: { type: 'boolean', description: 'No good one for two days.' },
    fault: { type: ['string', 'null'] },
  },
};

export const DATA_OPERATIONS: readonly Operation[] = [
  {
    method: 'get',
    path: '/api/backups',
    summary: 'Last good backup, and whether it is too old',
    tag: 'Data',
    answer: BACKUPS,
  },
  {
    method: 'post',
    path: '/api/backups',
    summary: 'Makes a backup now and reads it back',
    tag: 'Data',
    answer: BACKUPS,
    refusals: { '409': 'One is being made, or backups are off.' },
  },
  {
    method: 'get',
    path: '/api/bundle',
    summary: 'Export whole shop as one file',
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
    path: '/api/sites/:id/erase',
    summary: 'Erases one customer permanently, on request; the body repeats the site name',
    tag: 'Data',
    body: ref('EraseRequest'),
    answer: {
      type: 'object',
      required: ['units', 'visits', 'photos'],
      properties: { units: { type: 'integer' }, visits: { type: 'integer' }, photos: { type: 'integer' } },
    },
    refusals: { ...GONE, '403': 'Only the owner may.' },
  },
  {
    method: 'post',
    path: '/api/bundle/preview',
    summary: 'Shows what a file would add; saves nothing',
    tag: 'Data',
    body: { type: 'object' },
    answer: { type: 'object' },
    refusals: BUNDLE_REFUSED,
  },
  {
    method: 'post',
    path: '/api/bundle',
    summary: 'Imports a file: all of it or nothing',
    tag: 'Data',
    body: { type: 'object' },
    answer: { type: 'object' },
    refusals: BUNDLE_REFUSED,
  },
];
