import type { LoadLine, StockedPart } from '@huff/core/call';
import { useQuery } from '@tanstack/react-query';
import { ask } from './ask';

/** What the visits of some days need, minus what is on the truck, as the server tells it. */
export interface Load {
  readonly stops: number;
  readonly currency: string;
  readonly lines: readonly LoadLine[];
}

/** Some days, and whose. */
export interface LoadDays {
  readonly from: string;
  readonly to: string;
  readonly person?: string;
}

export const loadAddress = (path: string, { from, to, person }: LoadDays): string =>
  `/api/load${path}?from=${from}&to=${to}${person === undefined ? '' : `&person=${encodeURIComponent(person)}`}`;

/** @param mark of the plan as it stands: another plan is asked for anew */
export function useLoad(days: LoadDays, mark: string) {
  const { data, isPending, isError } = useQuery({
    queryKey: ['load', days, mark],
    queryFn: async () => (await ask<Load>(loadAddress('', days)))!.body,
    retry: false,
    placeholderData: (before: Load | undefined) => before,
  });
  return { load: data, isPending, isError };
}

/** A part of the shop's lists with what is left of it on the truck. */
export type StockLine = StockedPart & { readonly left?: number };

/** The shop's parts with what is left of them; nothing while the server does not say. */
export function useStock(): readonly StockLine[] | undefined {
  const { data } = useQuery({
    queryKey: ['stock'],
    queryFn: async () => (await ask<{ parts: StockLine[] }>('/api/stock'))!.body.parts,
    retry: false,
  });
  return data;
}
