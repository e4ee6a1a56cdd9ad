import { COIL_EXPONENT, resistanceFromPoint } from '../../air/path';
import { staticText } from '../../base/words';
import { flowNow } from './filterMedia';
import { isOverItsShare } from './judgedAtTarget';
import { cannot, defineMove, moved } from './move';
import { stageDropAt, sectionsOf, withStage } from '../../air/system';

/** (J) A clean wet cased coil at 400 CFM per ton, in. w.c.; ± 0.05. */
const CLEAN_COIL_IN_WC = 0.2;

/** A coil outside the cabinet back to its clean drop; one inside back to the blower table. */
export const cleanCoil = defineMove({
  id: 'cleanCoil',
  name: 'Clean the coil',
  done: 'Cleaned the coil.',
  touches: 'coil',
  does: 'lowersStatic',
  fields: {
    cleanDropInWc: {
      kind: 'number',
      label: 'Wet pressure drop',
      unit: 'inWc',
      min: 0.01,
      max: 2,
      optional: true,
    },
    cleanFlowCfm: { kind: 'number', label: 'Rated at', unit: 'cfm', min: 50, max: 60_000, optional: true },
  },
  cautions: ['lockOut', 'coil', 'sharp'],
  minutes: 90,
  cost: 45,
  applies(system, context) {
    const face = context.looks.get('coilFace');
    if (face && face.outcome !== 'dealtWith' && ['dusty', 'matted'].includes(face.state))
      return `Its faces are ${face.state}.`;
    return isOverItsShare(system, 'coil', context) ? 'It is over its static budget at the target airflow.' : undefined;
  },
  defaults: (system, { goal }) =>
    sectionsOf(system, 'coil').length === 0
      ? {}
      : {
          cleanDropInWc: CLEAN_COIL_IN_WC,
          cleanFlowCfm: Math.round(system.cooling ? 400 * system.cooling.tons : goal.target.flowCfm),
        },
  says: ({ cleanDropInWc }, system) =>
    system.inside || cleanDropInWc === undefined
      ? 'back to the blower table'
      : `back to ${staticText(cleanDropInWc)} at design airflow`,
  apply(system, { cleanDropInWc, cleanFlowCfm }) {
    if (system.inside) return moved({ ...system, inside: undefined });
    if (sectionsOf(system, 'coil').length === 0)
      return cannot('The coil is inside the cabinet, and nothing shows more loss than the blower table includes.');
    if (cleanDropInWc === undefined || cleanFlowCfm === undefined)
      return cannot('Enter the clean coil’s pressure drop and its airflow.', 'cleanDropInWc');
    const clean = resistanceFromPoint(cleanDropInWc, cleanFlowCfm, COIL_EXPONENT);
    const flow = flowNow(system);
    if (stageDropAt(system, 'coil', flow)! <= cleanDropInWc * Math.pow(flow / cleanFlowCfm, COIL_EXPONENT))
      return cannot('Its pressure drop is that of a clean coil. Cleaning would not change airflow.', 'cleanDropInWc');
    return moved(withStage(system, 'coil', () => clean));
  },
});
