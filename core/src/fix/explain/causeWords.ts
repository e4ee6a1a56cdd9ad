import { sentenceCase } from '../../base/words';
import { causeOf, type CauseGroup } from '../causes';

const GROUPS: Readonly<Record<CauseGroup, string>> = {
  returnSide: 'Return side',
  filter: 'Filter',
  coil: 'Indoor coil',
  supplySide: 'Supply side',
  fan: 'Fan and motor',
  refrigerant: 'Refrigerant side',
  reading: 'Reading or table',
};

/** How a group of causes is named. */
export const groupName = (group: CauseGroup): string => GROUPS[group];

/** A cause as a heading. @example causeTitle('filterLoaded') // 'Loaded filter' */
export const causeTitle = (id: string): string => sentenceCase(plainName(id));

/** A cause inside a sentence, without its article. @example plainName('filterLoaded') // 'loaded filter' */
export const plainName = (id: string): string => (causeOf(id)?.name ?? id).replace(/^an? /, '');

/** Causes together as a heading; a healthy unit has none. @example explanationTitle(['filterLoaded', 'wheelCaked']) // 'Loaded filter and caked blower wheel' */
export const explanationTitle = (causes: readonly string[]): string =>
  causes.length === 0 ? 'Nothing wrong' : sentenceCase(causes.map(plainName).join(' and '));
