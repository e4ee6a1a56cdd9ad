import { ref } from '../schemas';
import { inQuery, list, one, type Operation } from './operation';

const DAYS = [
  inQuery('from', 'The first day.', { type: 'string', format: 'date' }, true),
  inQuery('to', 'The last day; at most a month after the first.', { type: 'string', format: 'date' }, true),
  inQuery('person', 'Only this person’s jobs.'),
];

export const DAYS_OPERATIONS: readonly Operation[] = [
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
    summary: 'Planned and due jobs, as a calendar to subscribe to',
    tag: 'Days',
    answer: { type: 'text/calendar' },
  },
  {
    method: 'get',
    path: '/api/load',
    summary: 'What the jobs of some days need, minus truck stock',
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
    query: [...DAYS, inQuery('list', 'Which list; load by default.', one('load', 'buy'))],
    answer: { type: 'text/csv' },
  },
  {
    method: 'get',
    path: '/api/refrigerant/cylinders.csv',
    summary: 'Refrigerant by cylinder: every amount recovered, added or weighed in, with its visit',
    tag: 'Days',
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
];
