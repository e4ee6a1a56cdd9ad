import type { RoofSheet } from '@huff/contract';
import { ask } from './ask';
import { useServerWord, type Question } from './words/useServerWord';

export const roofQuestion = (siteId: string): Question<RoofSheet> => ({
  key: ['roof', siteId],
  ask: async () => (await ask<RoofSheet>(`/api/sites/${siteId}/roof`))?.body ?? { visits: [], marks: [] },
});

/** How each unit of a site stood at its last visit, and each check when it was last looked at; as the server told it. */
export function useRoof(siteId: string) {
  const { data, ...how } = useServerWord(roofQuestion(siteId));
  return { sheet: data, ...how };
}
