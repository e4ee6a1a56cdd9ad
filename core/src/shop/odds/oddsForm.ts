import { inputFaults } from '../../base/forms/solveTool';
import type { FieldSet, NumberField, RawInputs } from '../../base/forms/tool';
import { CALL_ODDS_FORM, callOdds } from '../../call/power/oddsForm';
import { ALL_CAUSES } from '../../fix/causes';
import { causeTitle } from '../../fix/explain/causeWords';

/** How often each cause of bad air or a bad circuit is met, per 100 calls; what is not set is the usual of the cause (J). */
export const AIR_ODDS_FORM: FieldSet = {
  fields: Object.fromEntries(
    ALL_CAUSES.map(({ id, prior }): [string, NumberField] => [
      id,
      {
        kind: 'number',
        label: causeTitle(id),
        unit: 'count',
        min: 0.1,
        max: 100,
        optional: true,
        hint: `Default: ${prior} of 100 calls.`,
      },
    ]),
  ),
};

/** Everything a shop may say of how often it meets a cause: dead blowers and no heat, bad air and bad circuits. */
export const ODDS_FORM: FieldSet = { fields: { ...CALL_ODDS_FORM.fields, ...AIR_ODDS_FORM.fields } };

export const oddsFaults = (raw: RawInputs) => inputFaults(ODDS_FORM, raw);

/** The usual odds of a cause, per 100 calls. @example usualOdds('capacitor') // 18 */
export const usualOdds = (id: string): number | undefined =>
  callOdds(id) ?? ALL_CAUSES.find((cause) => cause.id === id)?.prior;
