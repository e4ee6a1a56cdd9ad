import { HEAT_CAUSES } from '../heat/causes';
import type { FieldSet, NumberField, RawInputs } from '../../base/forms/tool';
import { inputFaults } from '../../base/forms/solveTool';
import { POWER_CAUSES } from './causes';

const CAUSES = [...POWER_CAUSES, ...HEAT_CAUSES];

/** Odds per 100 calls that a shop sets by what it has met; what is not set is the usual of the cause (J). */
export const ODDS_FORM: FieldSet = {
  fields: Object.fromEntries(
    CAUSES.map(({ id, name, prior }): [string, NumberField] => [
      id,
      {
        kind: 'number',
        label: name,
        unit: 'count',
        min: 0.1,
        max: 100,
        optional: true,
        hint: `Default: ${prior} of 100 calls.`,
      },
    ]),
  ),
};

export const oddsFaults = (raw: RawInputs) => inputFaults(ODDS_FORM, raw);

/** The usual odds of a cause, per 100 calls. @example usualOdds('capacitor') // 18 */
export const usualOdds = (id: string): number | undefined => CAUSES.find((cause) => cause.id === id)?.prior;
