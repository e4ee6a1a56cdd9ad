import { ODDS_FORM, PLATE_FORM, RULES_FORM, type FieldSet } from '@huff/core';

/** What fields of records are called on a screen, by path. */
const NAMES: Readonly<Record<string, string>> = {
  name: 'Name',
  address: 'Address',
  accessNotes: 'Access',
  contact: 'Contact',
  phone: 'Phone',
  email: 'Mail address',
  day: 'Day',
  place: 'Place in the day',
  person: 'Person',
  why: 'What for',
  doneAt: 'Done',
  climate: 'Climate',
  notes: 'Notes',
  archivedAt: 'Archived',
  conditions: 'How the table was taken',
  part: 'Only a part was typed',
  laborAnHour: 'Labor, an hour',
  moreFilters: 'Further filters',
  unsaid: 'What was not said',
  tableFilter: 'The table’s filter',
  tableDryFactor: 'The table’s dry-coil factor',
  title: 'Title',
  altitudeFt: 'Altitude, ft',
  siteId: 'Site',
  unitId: 'Unit',
  layout: 'Air path',
  motor: 'Motor',
  mode: 'Mode',
  tons: 'Tons',
  maxTespInWc: 'Plate static, in. w.c.',
  cfmPerTon: 'Target, CFM a ton',
  tap: 'Tap',
  table: 'Blower table',
  blowerTableId: 'Blower table',
  proven: 'Proven state',
  startedAt: 'Start',
  staticsInWc: 'Statics of the table',
  taps: 'Taps of the table',
  byRpm: 'RPM figures',
  currency: 'Currency',
  tariffPerKwh: 'Tariff, a kWh',
  hoursAYear: 'Hours a year',
  filterPlace: 'Where the filters are',
  filterCount: 'Filters',
  filterWidthIn: 'Filter width, in.',
  filterHeightIn: 'Filter height, in.',
  filterMedia: 'Filter medium',
  bareGrilleCollarIn: 'Collar of the bare grille, in.',
  designCfm: 'Design airflow, CFM',
  lineVolts: 'Line volts',
  tableCoil: 'The table’s coil',
  tableVolts: 'The table’s volts',
  riseMinF: 'Lowest rise, °F',
  riseMaxF: 'Highest rise, °F',
  effectiveLengthFt: 'Effective length, ft',
  school: 'Static school',
  dropSchool: 'Drop school',
  equipment: 'Equipment',
  stages: 'Stages',
  zoning: 'Zones or bypass',
  stage: 'Stage that ran',
  drive: 'Belt drive',
  motorPlate: 'Motor plate',
  speeds: 'Other speeds',
  value: 'Static, in. w.c.',
  takenAt: 'Time',
  savedAt: 'Time',
  item: 'What it shows',
  inputs: 'What was entered',
};

const LISTS: Readonly<Record<string, string>> = {
  moves: 'Minutes and money',
  sheaves: 'Sheave',
  belts: 'Belt',
  parts: 'Part',
  ports: 'Hole',
};

/** Groups whose fields are named by the form that asks for them. */
const FORMS: Readonly<Record<string, FieldSet>> = { plate: PLATE_FORM, rules: RULES_FORM, odds: ODDS_FORM };

/** "setup.altitudeFt" → "Altitude, ft"; "belts.A48" → "Belt A48". */
export function fieldName(path: string): string {
  const [group = '', rest] = path.split('.');
  if (rest === undefined) return NAMES[group] ?? group;
  const asked = FORMS[group]?.fields[rest]?.label;
  if (asked !== undefined) return asked;
  const list = LISTS[group];
  if (list === undefined) return NAMES[rest] ?? rest;
  return group === 'belts' || group === 'ports' ? `${list} ${rest}` : list;
}

/** A value in a word or a few; what is longer is named, not shown. */
export function valueText(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'not known';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number' || typeof value === 'string') return String(value);
  if (Array.isArray(value)) return `a list of ${value.length}`;
  const { name, mark, minutes, cost } = value as Record<string, unknown>;
  if (typeof name === 'string') return name;
  if (typeof mark === 'string') return `${mark}, ${String(cost)}`;
  if (typeof minutes === 'number') return `${minutes} min, ${String(cost)}`;
  return 'filled in';
}
