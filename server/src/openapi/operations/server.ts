import { ref } from '../schemas';
import { type Operation } from './operation';

export const SERVER_OPERATIONS: readonly Operation[] = [
  { method: 'get', path: '/api/health', summary: 'How the server is', tag: 'Server', answer: { type: 'object' } },
  {
    method: 'get',
    path: '/api/health/live',
    summary: 'Whether it answers at all',
    tag: 'Server',
    answer: { type: 'object' },
  },
  {
    method: 'get',
    path: '/api/health/ready',
    summary: 'Whether requests can be done: it is open and its database answers',
    tag: 'Server',
    answer: { type: 'object' },
    refusals: { '503': 'Not now.' },
  },
  {
    method: 'get',
    path: '/metrics',
    summary: 'OpenMetrics, for a program on the same computer or with the token',
    tag: 'Server',
    answer: { type: 'application/openmetrics-text' },
    refusals: { '404': 'Not told to anyone who asks.' },
  },
  { method: 'get', path: '/api/openapi.json', summary: 'This document', tag: 'Server', answer: { type: 'object' } },
  {
    method: 'post',
    path: '/api/sync',
    summary: 'Applies operations and returns changes since a cursor',
    tag: 'Sync',
    body: ref('SyncRequest'),
    answer: {
      type: 'object',
      required: ['results', 'changes', 'cursor', 'more'],
      properties: {
        results: { type: 'array', items: { type: 'object' } },
        changes: { type: 'array', items: { type: 'object' } },
        erased: {
          type: 'array',
          items: { type: 'object' },
          description: 'Erased records: delete them with all their parts.',
        },
        cursor: { type: ['string', 'null'] },
        more: { type: 'boolean' },
      },
    },
  },
];
