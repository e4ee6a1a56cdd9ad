import { SIDE_FIELD, shareField, withPiece } from './ductShare';
import { defineMove } from './move';
import { seen } from './seen';

/** A damper or registers that stand in the way, opened or hung so that the blade lies with the air. */
export const openDamper = defineMove({
  id: 'openDamper',
  name: 'Open or re-hang a damper',
  done: 'Opened or repaired a damper.',
  touches: 'damper',
  does: 'lowersStatic',
  fields: { side: SIDE_FIELD, takesPercent: shareField('Part of that side’s drop') },
  cautions: ['fireDamper', 'ladder'],
  minutes: 20,
  cost: 0,
  applies: (_system, context) => (seen(context, 'registersShut') ? 'Some are closed.' : undefined),
  defaults: () => ({ side: 'supply', takesPercent: 30 }),
  says: ({ side, takesPercent }) => `${side} side, assumed to cost ${takesPercent} % of its drop`,
  apply: (system, { side, takesPercent }) => withPiece(system, side, takesPercent, 0.05),
});
