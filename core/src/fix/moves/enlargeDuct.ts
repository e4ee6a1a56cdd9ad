import { shownText, shownWords } from '../../base/words';
import { ductOf, shareField, withPiece, type DuctSide } from './ductShare';
import { isOverItsShare } from './judgedAtTarget';
import { cannot, defineMove } from './move';

/** The trunk or the drop of a side, one size up. @source friction ∝ 1/D⁵ at the same airflow, friction chart */
const enlarge = (side: DuctSide, name: string, done: string) =>
  defineMove({
    id: side === 'return' ? 'enlargeReturn' : 'enlargeSupply',
    name,
    done,
    touches: ductOf(side),
    does: 'lowersStatic',
    fields: {
      nowIn: { kind: 'number', label: 'Diameter now', unit: 'in', min: 4, max: 60, hint: 'equivalent round' },
      newIn: { kind: 'number', label: 'Diameter then', unit: 'in', min: 4, max: 60 },
      takesPercent: shareField('This piece’s part of that drop'),
    },
    cautions: ['ductCode', 'ladder', 'sharp'],
    minutes: 300,
    cost: 680,
    applies: (system, context) =>
      isOverItsShare(system, ductOf(side), context)
        ? `The ${side} duct is over its static budget at the target airflow.`
        : undefined,
    defaults(_system, { goal }) {
      // What the target needs at about 800 fpm, from one size under to one over.
      const right = Math.round(Math.sqrt((goal.target.flowCfm / 800) * (576 / Math.PI)));
      return { nowIn: Math.max(4, right - 2), newIn: right, takesPercent: 60 };
    },
    says: ({ nowIn, newIn }) => `${shownText(nowIn, 'in', 0)} to ${shownWords(newIn, 'in', 0)} round`,
    apply(system, { nowIn, newIn, takesPercent }) {
      if (newIn <= nowIn) return cannot('The new duct must be larger than the old one.', 'newIn');
      return withPiece(system, side, takesPercent, Math.pow(nowIn / newIn, 5));
    },
  });

export const enlargeReturn = enlarge('return', 'Enlarge the return duct', 'Enlarged the return duct.');
export const enlargeSupply = enlarge('supply', 'Enlarge the supply duct', 'Enlarged the supply duct.');
