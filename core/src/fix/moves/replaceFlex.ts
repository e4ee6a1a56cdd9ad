import { SIDE_FIELD, shareField, withPiece } from './ductShare';
import { defineMove } from './move';
import { seen } from './seen';

/** A crushed or slack flexible duct, replaced by one that is pulled out. */
export const replaceFlex = defineMove({
  id: 'replaceFlex',
  name: 'Replace crushed flex',
  done: 'Replaced a crushed duct.',
  touches: 'flex',
  does: 'lowersStatic',
  fields: { side: SIDE_FIELD, takesPercent: shareField('Part of that side’s drop') },
  cautions: ['ladder', 'ductCode'],
  minutes: 90,
  cost: 110,
  applies: (_system, context) => (seen(context, 'flexCrushed') ? 'It is crushed.' : undefined),
  defaults: () => ({ side: 'supply', takesPercent: 40 }),
  says: ({ side, takesPercent }) => `${side} side, assumed to cost ${takesPercent} % of its drop`,
  // A flex pulled out takes about a third of a crushed one of the same size.
  apply: (system, { side, takesPercent }) => withPiece(system, side, takesPercent, 0.35),
});
