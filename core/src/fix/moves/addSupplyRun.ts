import { toolFigure } from '../../base/forms';
import { shareField, withPiece } from './ductShare';
import { isOverItsShare } from './judgedAtTarget';
import { defineMove } from './move';

/** More runs side by side for the same air. @source alike branches side by side: drop ∝ 1/n² */
export const addSupplyRun = defineMove({
  id: 'addSupplyRun',
  name: 'Add supply runs',
  done: 'Added supply ducts.',
  touches: 'supplyRun',
  does: 'lowersStatic',
  fields: {
    runsNow: { kind: 'number', label: 'Runs now', unit: 'count', min: 1, max: 60 },
    runsAdded: { kind: 'number', label: 'Runs added', unit: 'count', min: 1, max: 20 },
    takesPercent: shareField('Runs’ part of supply drop'),
  },
  cautions: ['ductCode', 'ladder'],
  minutes: 180,
  cost: 320,
  applies: (system, context) =>
    isOverItsShare(system, 'supplyDuct', context)
      ? 'The supply duct is over its static budget at the target airflow.'
      : undefined,
  defaults: (_system, { goal }) => ({
    runsNow: Math.max(4, Math.round(goal.target.flowCfm / 150)),
    runsAdded: 2,
    takesPercent: 60,
  }),
  says: ({ runsNow, runsAdded }) => `${toolFigure(runsAdded, 'count')} beside the ${toolFigure(runsNow, 'count')}`,
  apply: (system, { runsNow, runsAdded, takesPercent }) =>
    withPiece(system, 'supply', takesPercent, (runsNow / (runsNow + runsAdded)) ** 2),
});
