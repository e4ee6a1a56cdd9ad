/** Why something found matters. */
export const CONCERNS = [
  { id: 'safety', text: 'safety' },
  { id: 'damage', text: 'damage' },
  { id: 'comfort', text: 'comfort' },
  { id: 'watch', text: 'watch' },
] as const;
export type Concern = (typeof CONCERNS)[number]['id'];
