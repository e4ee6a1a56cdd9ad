import { HEAT_CAUSES } from '../heat/causes';
import type { FieldSet, NumberField } from '../../base/forms/tool';
import { POWER_CAUSES } from './causes';

const CAUSES = [...POWER_CAUSES, ...HEAT_CAUSES];

/** Odds per 100 calls of what keeps a blower or a furnace from running, as a shop has met them; what is not set is the usual of the cause (J). */
export const CALL_ODDS_FORM: FieldSet = {
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

/** The usual odds of one of them, per 100 calls. @example callOdds('capacitor') // 18 */
export const callOdds = (id: string): number | undefined => CAUSES.find((cause) => cause.id === id)?.prior;
