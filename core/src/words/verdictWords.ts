import type { VerdictWord, Unit } from '../judge';
import type { Source } from '../numbers/source';
import { toolText } from '../tools/units';
import { percentText } from './figures';

/** The four words of a verdict as a person reads them. */
export const VERDICT_TEXT: Readonly<Record<VerdictWord, string>> = {
  inside: 'inside',
  atTheEdge: 'at the edge',
  outside: 'outside',
  cantSay: 'can’t say',
};

/** Where a figure comes from, as a person reads it. */
export const SOURCE_TEXT: Readonly<Record<Source, string>> = {
  nameplate: 'nameplate',
  makersTable: 'maker’s table',
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
