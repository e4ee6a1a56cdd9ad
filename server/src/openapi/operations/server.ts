import { ref } from '../schemas';
import { type Operation } from './operation';

export const SERVER_OPERATIONS: readonly Operation[] = [
  { method: 'get', path: '/api/health', summary: 'How the server is', tag: 'Server', answer: { type: 'object' } },
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
        cursor: { type: ['string', 'null'] },
        more: { type: 'boolean' },
      },
    },
  },
];
