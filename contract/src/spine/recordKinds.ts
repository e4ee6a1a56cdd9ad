import type { BlowerTableDto } from '../blowerTable';
import { ODDS_FORM, SHOP_CARD_FORM, PLATE_FORM, RULES_FORM } from '@huff/core/first';
import type { SetupDto } from '../setup';
import type { ShopDto } from '../shop';
import type { SiteDto } from '../site';
import type { StopDto } from '../stop';
import type { UnitDto } from '../unit';
import type { VisitHeadDto } from '../visit';

/** What is patched field by field. Readings, facts and photos are added to a visit and never changed. */
export interface RecordOf {
  readonly site: SiteDto;
  readonly unit: UnitDto;
  readonly blowerTable: BlowerTableDto;
  readonly visit: VisitHeadDto;
  readonly shop: ShopDto;
  readonly stop: StopDto;
}

export type RecordKind = keyof RecordOf;

/** The fields of a kind of record, each of which can be patched by itself. */
interface KindFields {
  readonly plain: readonly string[];
  /** Objects whose entries are fields of their own: "setup.altitudeFt". */
  readonly within: Readonly<Record<string, readonly string[]>>;
  /** Lists whose items are fields of their own, by the item's key: "belts.A48". */
  readonly lists: Readonly<Record<string, string>>;
}

const UNIT_FACTS = ['layout', 'motor', 'tons', 'maxTespInWc', 'cfmPerTon', 'tap'] as const;

/** Every field of a setup; a new one that is missing here does not compile. */
const SETUP: Readonly<Record<keyof SetupDto, true>> = {
  filterPlace: true,
  filterCount: true,
  filterWidthIn: true,
  filterHeightIn: true,
  moreFilters: true,
  unsaid: true,
  filterMedia: true,
  bareGrilleCollarIn: true,
  altitudeFt: true,
  designCfm: true,
  lineVolts: true,
  tableCoil: true,
  tableVolts: true,
  tableFilter: true,
  tableDryFactor: true,
  riseMinF: true,
  riseMaxF: true,
  effectiveLengthFt: true,
  school: true,
  dropSchool: true,
  equipment: true,
  stages: true,
  zoning: true,
  stage: true,
  drive: true,
  proven: true,
  motorPlate: true,
  speeds: true,
};
const setup = Object.keys(SETUP);

const plate = Object.keys(PLATE_FORM.fields);
const rules = Object.keys(RULES_FORM.fields);
const odds = Object.keys(ODDS_FORM.fields);
const card = Object.keys(SHOP_CARD_FORM.fields);

export const RECORD_FIELDS: Readonly<Record<RecordKind, KindFields>> = {
  site: {
    plain: ['name', 'altitudeFt', 'climate', 'address', 'accessNotes', 'contact', 'phone', 'email', 'archivedAt'],
    within: {},
    lists: {},
  },
  unit: {
    plain: ['siteId', 'name', ...UNIT_FACTS, 'blowerTableId', 'proven', 'notes', 'archivedAt'],
    within: { setup, plate },
    lists: { ports: 'port' },
  },
  blowerTable: {
    plain: ['name', 'motor', 'tons', 'staticsInWc', 'taps', 'byRpm', 'part', 'conditions', 'archivedAt'],
    within: {},
    lists: {},
  },
  visit: {
    plain: ['title', 'unitId', ...UNIT_FACTS, 'mode', 'table', 'startedAt'],
    within: { setup, plate },
    lists: {},
  },
  shop: {
    plain: ['currency', 'tariffPerKwh', 'hoursAYear', 'laborAnHour'],
    within: { rules, odds, card },
    lists: { moves: 'move', sheaves: 'id', belts: 'mark', parts: 'id' },
  },
  stop: {
    plain: ['day', 'place', 'person', 'siteId', 'unitId', 'why', 'doneAt', 'archivedAt'],
    within: {},
    lists: {},
  },
};

export const RECORD_KINDS = Object.keys(RECORD_FIELDS) as RecordKind[];

export const isRecordKind = (kind: unknown): kind is RecordKind =>
  typeof kind === 'string' && Object.hasOwn(RECORD_FIELDS, kind);
