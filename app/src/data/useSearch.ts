import type { KeptText } from '@huff/core/first';
import { useQuery } from '@tanstack/react-query';
import { ask } from './ask';

/** Shorter than this the server is not asked: too much begins so. */
const LEAST_ASKED = 3;
/** The server refuses longer ones. */
const MOST_ASKED = 80;

/** Something the server found. */
export interface Told {
  readonly of: 'site' | 'unit' | 'part' | 'visit';
  readonly id: string;
  readonly name: string;
  readonly siteName?: string | null;
  readonly words?: KeptText | null;
  readonly at?: string;
}

const NOTHING: readonly Told[] = [];

/** What the server finds, which is more than this phone holds: visits of all years by findings and notes. */
export function useSearch(text: string): readonly Told[] {
  const sought = text.trim().slice(0, MOST_ASKED);
  const isAsked = sought.length >= LEAST_ASKED;
  const { data } = useQuery({
    queryKey: ['search', sought],
    enabled: isAsked,
    queryFn: async (): Promise<readonly Told[]> =>
      (await ask<{ found: readonly Told[] }>(`/api/search?q=${encodeURIComponent(sought)}`))!.body.found,
    retry: false,
    placeholderData: (before: readonly Told[] | undefined) => before,
  });
  return isAsked ? (data ?? NOTHING) : NOTHING;
}
