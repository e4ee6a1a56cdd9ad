import { ref } from '../schemas';
import { AFTER, GONE, inQuery, list, one, PUT_REFUSALS, type Operation } from './operation';

export const VISITS_OPERATIONS: readonly Operation[] = [
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
    summary: 'Plans that would bring the airflow within target',
    tag: 'Visits',
    body: ref('PlanWishes'),
    answer: { type: 'object' },
    refusals: { ...GONE, '409': 'The visit is incomplete.', '429': 'Too many are being made: try again.' },
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
];
