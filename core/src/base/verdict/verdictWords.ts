import type { VerdictWord, Unit } from './verdict';
import type { Source } from '../numbers/source';
import { toolText } from '../forms/units';
import { percentText } from '../words/figures';

/** The four words of a verdict as a person reads them. */
export const VERDICT_TEXT: Readonly<Record<VerdictWord, string>> = {
  inside: 'in range',
  atTheEdge: 'borderline',
  outside: 'out of range',
  cantSay: 'not enough data',
};

/** Where a figure comes from, as a person reads it. */
export const SOURCE_TEXT: Readonly<Record<Source, string>> = {
  nameplate: 'nameplate',
  makersTable: 'blower table',
  shopSetting: 'shop setting',
  ruleOfThumb: 'rule of thumb',
  typed: 'typed',
  probe: 'probe',
  computed: 'computed',
  assumed: 'assumed',
};

/** A value with its unit, as it stands in a working. */
export const valueText = (value: number, unit: Unit): string =>
  unit === 'share' ? percentText(value) : toolText(value, unit);
