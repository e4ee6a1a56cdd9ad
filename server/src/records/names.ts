import type { RecordKind } from '@huff/contract/spine';

/** What a kind of record is called in a sentence. */
export const RECORD_NAMES: Readonly<Record<RecordKind, string>> = {
  site: 'site',
  unit: 'unit',
  blowerTable: 'blower table',
  visit: 'visit',
  shop: 'shop',
  stop: 'stop',
  drill: 'drill',
};
