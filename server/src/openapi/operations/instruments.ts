import { CHANNEL_IDS } from '@huff/core/instruments';
import type { Schema } from '../schemas';
import { inQuery, type Operation } from './operation';

/** One value of a probe, as a bridge sends it and a listener hears it. */
const LIVE_VALUE: Schema = {
  type: 'object',
  required: ['probe', 'channel', 'value', 'atMs'],
  properties: {
    probe: { type: 'string', minLength: 1, maxLength: 60 },
    channel: { type: 'string', enum: [...CHANNEL_IDS] },
    value: { type: 'number', description: 'In the unit of the channel: docs/instruments.md.' },
    atMs: { type: 'number', description: 'When it was measured, ms since 1970.' },
    battery: { type: 'number', minimum: 0, maximum: 1 },
  },
};

export const INSTRUMENTS_OPERATIONS: readonly Operation[] = [
  {
    method: 'get',
    path: '/api/bridge',
    summary: 'Values of the shop’s instruments as server-sent events, until it is ended',
    tag: 'Instruments',
    query: [inQuery('simulate', 'Simulated instruments at the unit of this visit send as well.')],
    answer: { type: 'text/event-stream' },
    isEndless: true,
    refusals: { '404': 'There is no such visit.', '429': 'Too many listen already.' },
  },
  {
    method: 'post',
    path: '/api/bridge/values',
    summary: 'Values of a bridge, for everybody who listens; nothing is kept',
    tag: 'Instruments',
    body: {
      type: 'object',
      required: ['values'],
      properties: { values: { type: 'array', maxItems: 200, items: LIVE_VALUE } },
    },
    answer: {
      type: 'object',
      required: ['taken', 'refused'],
      properties: {
        taken: { type: 'integer', minimum: 0 },
        refused: {
          type: 'array',
          items: { type: 'object', properties: { index: { type: 'integer' }, message: { type: 'string' } } },
        },
      },
    },
  },
];
