import { ref } from '../schemas';
import { AFTER, GONE, PUT_REFUSALS, type Operation } from './operation';

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

export const RECORDS_OPERATIONS: readonly Operation[] = [
  ...record('sites', 'Site', 'site'),
  ...record('units', 'Unit', 'unit'),
  ...record('blower-tables', 'BlowerTable', 'blower table'),
  ...record('shop', 'Shop', 'shop'),
  ...record('stops', 'Stop', 'planned stop'),
  ...record('drills', 'Drill', 'practice drill'),
];
