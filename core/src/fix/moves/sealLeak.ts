import { SIDE_FIELD, ductOf } from './ductShare';
import { cannot, defineMove, moved } from './move';
import { seen } from './seen';
import { scaled, sectionsOf, withStage } from '../../air/system';

/**
 * A leak closed: the air that went past the rooms goes through the duct, so the duct asks more.
 *
 * @source the duct carried (1 − leak) of the airflow at the same drop, so its resistance for all of it is 1/(1 − leak)²
 */
export const sealLeak = defineMove({
  id: 'sealLeak',
  name: 'Seal a leak or an open duct',
  done: 'Sealed a leaking duct.',
  touches: 'leak',
  does: 'restoresDuct',
  fields: {
    side: SIDE_FIELD,
    leakPercent: { kind: 'number', label: 'Air leakage', unit: 'percent', min: 1, max: 60 },
  },
  cautions: ['ladder', 'ductCode'],
  minutes: 60,
  cost: 35,
  applies(_system, context) {
    if (seen(context, 'openSupply')) return 'A duct is open or loose.';
    return seen(context, 'returnLeak') ? 'Return air at the unit differs from the room.' : undefined;
  },
  defaults: (_system, context) =>
    seen(context, 'openSupply') ? { side: 'supply', leakPercent: 15 } : { side: 'return', leakPercent: 10 },
  says: ({ side, leakPercent }) => `${side} side, ${leakPercent} % of the air returns to the rooms`,
  apply(system, { side, leakPercent }) {
    const kind = ductOf(side);
    if (sectionsOf(system, kind).length === 0) return cannot(`The ${side} duct was not measured separately.`, 'side');
    return moved(withStage(system, kind, (r) => scaled(r, 1 / (1 - leakPercent / 100) ** 2)));
  },
});
