export { rankPatterns, readLadder } from '@huff/core/call';
export { gasFurnace, nextTests, POWER_SCHEMES, SECTION_ORDER, suspects, testsUntilFound } from '@huff/core/call';
export { plausiblePairs, walk } from '../../core/fixtures/walks';
