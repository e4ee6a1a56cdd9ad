import type { FactDto } from '@huff/contract';
import type { StockedPart } from '@huff/core/call';
import { ask } from './ask';
import type { OutboxRow } from './spine/store';
import type { Question } from './words/useServerWord';

/** A part of the shop's lists with what is left of it on the truck; `left` is absent while nobody counted. */
export type StockLine = StockedPart & { readonly left?: number };

export const stockQuestion: Question<readonly StockLine[]> = {
  key: ['stock'],
  ask: async () => (await ask<{ parts: StockLine[] }>('/api/stock'))!.body.parts,
};

/** A part that was taken or put back on this phone, which the server does not know yet. */
interface Taking {
  readonly visitId: string;
  readonly fact: FactDto;
}

/** The takings among what is on its way. */
export const takingsOf = (rows: readonly OutboxRow[]): readonly Taking[] =>
  rows.flatMap(({ operation, state }) =>
    operation.kind === 'add' &&
    operation.of === 'fact' &&
    operation.record.kind === 'part' &&
    (state === 'held' || state === 'waiting' || state === 'offered')
      ? [{ visitId: operation.recordId, fact: operation.record }]
      : [],
  );
