import { DATA_OPERATIONS } from './data';
import { DAYS_OPERATIONS } from './days';
import { INSTRUMENTS_OPERATIONS } from './instruments';
import { PEOPLE_OPERATIONS } from './people';
import { PAPERS_OPERATIONS } from './papers';
import { RECORDS_OPERATIONS } from './records';
import { SERVER_OPERATIONS } from './server';
import { UNITS_OPERATIONS } from './units';
import { VISITS_OPERATIONS } from './visits';
import type { Operation } from './operation';

export { isFile, type Operation } from './operation';

/** Everything the server does. A test holds it against the addresses that it really has. */
export const OPERATIONS: readonly Operation[] = [
  ...SERVER_OPERATIONS,
  ...RECORDS_OPERATIONS,
  ...VISITS_OPERATIONS,
  ...PAPERS_OPERATIONS,
  ...UNITS_OPERATIONS,
  ...DAYS_OPERATIONS,
  ...INSTRUMENTS_OPERATIONS,
  ...DATA_OPERATIONS,
  ...PEOPLE_OPERATIONS,
];
