import type { Role } from '@huff/contract';

/** What each role may do, in a line. */
export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  owner: 'everything, and who comes in',
  lead: 'everything but people',
  technician: 'visits, sites, units, parts and settings',
  apprentice: 'visits, sites and units',
};
