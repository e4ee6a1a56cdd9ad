/** Where a figure comes from. A rule of thumb never outranks the nameplate. */
export type Source =
  'nameplate' | 'makersTable' | 'shopSetting' | 'ruleOfThumb' | 'typed' | 'probe' | 'computed' | 'assumed';

/** A number with its source. */
export interface Sourced {
  readonly value: number;
  readonly source: Source;
}
