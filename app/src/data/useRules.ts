import { rulesOf, type Rules } from '@huff/core/first';
import { useMemo } from 'react';
import { shop } from './records';

/** The rules the shop judges by; the usual ones until it was read once. */
export function useRules(): Rules {
  const set = shop.useList().records[0]?.record.rules;
  return useMemo(() => rulesOf(set), [set]);
}
