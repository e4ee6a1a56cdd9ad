import { shareField, withPiece } from './ductShare';
import { defineMove } from './move';
import { seen } from './seen';

/** What is left of the drop once the air has its section back; the bare metal behind the liner is smoother than it was. (J) */
const LEFT = 0.1;

/** Loose liner in the return, fastened again or cut out as far as it is loose. */
export const fixLiner = defineMove({
  id: 'fixLiner',
  name: 'Fasten or cut out the loose liner',
  done: 'Repaired the loose lining inside a duct.',
  touches: 'liner',
  does: 'lowersStatic',
  fields: { takesPercent: shareField('Part of the return drop') },
  cautions: ['lockOut', 'sharp', 'ductCode'],
  minutes: 90,
  cost: 40,
  applies: (_system, context) => (seen(context, 'linerLoose') ? 'It is loose.' : undefined),
  defaults: () => ({ takesPercent: 60 }),
  says: ({ takesPercent }) => `assumed to cost ${takesPercent} % of the return’s drop`,
  apply: (system, { takesPercent }) => withPiece(system, 'return', takesPercent, LEFT),
});
