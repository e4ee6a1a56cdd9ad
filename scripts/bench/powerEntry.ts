export { gasFurnace, nextTests, POWER_SCHEMES, SECTION_ORDER, suspects, testsUntilFound } from '@huff/core/call';
