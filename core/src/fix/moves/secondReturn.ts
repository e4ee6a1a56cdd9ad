import { ductFriction, ROUGHNESS_FT } from '../../air/duct';
import { DUCT_EXPONENT, FILTER_EXPONENT, pathDropAt, resistanceFromPoint, type Resistance } from '../../air/path';
import { bracketedRoot } from '../../base/numbers/bracketedRoot';
import { stageBudget } from '../../judge/verdicts';
import { operate } from '../../air/operate';
import { layoutOf } from '../../air/system';
import { toolFigure } from '../../base/forms';
import { flowText, shownWords } from '../../base/words';
import { flowNow } from './filterMedia';
import { cannot, defineMove, moved } from './move';

/** Airflow of resistances in series at a drop, CFM. */
function flowThrough(series: readonly Resistance[], dropInWc: number): number {
  if (series.every((r) => r.exponent === series[0]!.exponent)) {
    const coefficient = series.reduce((sum, r) => sum + r.coefficient, 0);
    return Math.pow(dropInWc / coefficient, 1 / series[0]!.exponent);
  }
  const most = Math.min(...series.map((r) => Math.pow(dropInWc / r.coefficient, 1 / r.exponent)));
  // A hair beyond: one of them may take nothing, and the others then take all of the drop just there.
  return bracketedRoot((flow) => pathDropAt(series, flow) - dropInWc, 0, most * (1 + 1e-9), 1e-6);
}

/**
 * Two ways side by side as one resistance, fitted at two drops: a power law through both.
 *
 * @param dropInWc the drop about which it has to hold, in. w.c.
 * @source both branches see the same drop, their airflows add up
 */
export function sideBySide(one: readonly Resistance[], other: readonly Resistance[], dropInWc: number): Resistance {
  const both = (p: number) => flowThrough(one, p) + flowThrough(other, p);
  const [p1, p2] = [dropInWc, 0.5 * dropInWc];
  const exponent = Math.log(p1 / p2) / Math.log(both(p1) / both(p2));
  return { coefficient: p1 / Math.pow(both(p1), exponent), exponent };
}

/** Of the nameplate: what takes this much is worth relieving when the plate is exceeded. */
const LARGE_PART = 0.3;

/** Another way in for the return air, past the old return and its filter. @source ASHRAE Fundamentals, Duct Design: parallel branches */
export const secondReturn = defineMove({
  id: 'secondReturn',
  name: 'Second return with its own filter',
  done: 'Added a second return duct with its own filter.',
  touches: 'secondReturn',
  does: 'lowersStatic',
  fields: {
    diameterIn: { kind: 'number', label: 'Duct diameter', unit: 'in', min: 6, max: 40 },
    effectiveLengthFt: { kind: 'number', label: 'Duct effective length', unit: 'ft', min: 5, max: 400 },
    filterDropInWc: { kind: 'number', label: 'Clean filter drop', unit: 'inWc', min: 0.005, max: 1 },
    filterFlowCfm: { kind: 'number', label: 'Rated at', unit: 'cfm', min: 50, max: 60_000 },
  },
  cautions: ['ductCode', 'ladder', 'sharp'],
  minutes: 240,
  cost: 520,
  applies(system, { goal }) {
    const returns = system.path.filter((section) => section.side === 'return').map((section) => section.resistance);
    if (returns.length === 0 || system.layout === 'makeUpAir') return undefined;
    const now = operate(system);
    // At the target airflow: a low speed must not hide it.
    const drop = pathDropAt(returns, goal.target.flowCfm);
    const layout = layoutOf(system);
    const share = stageBudget(layout, 'returnDuct', goal.rules) + stageBudget(layout, 'filter', goal.rules);
    // Over the plate every large part of it is a way down, even one within its share.
    const choked = now.kind === 'offTable' || now.tespInWc > goal.maxTesp.value;
    const most = (choked ? Math.min(share, LARGE_PART) : share) * goal.maxTesp.value;
    return drop > most ? 'The return side uses much of the static.' : undefined;
  },
  defaults: (_system, { goal }) => ({
    // A third of the target at about 700 fpm.
    diameterIn: Math.max(8, 2 * Math.round(Math.sqrt((goal.target.flowCfm / 3 / 700) * (576 / Math.PI)) / 2)),
    effectiveLengthFt: 60,
    filterDropInWc: 0.08,
    filterFlowCfm: Math.round(goal.target.flowCfm / 3),
  }),
  says: ({ diameterIn, filterDropInWc, filterFlowCfm }) =>
    `${shownWords(diameterIn, 'in', 0)} round, filter drops ${toolFigure(filterDropInWc, 'inWc')} at ${flowText(filterFlowCfm)}`,
  apply(system, values) {
    const returns = system.path.filter((section) => section.side === 'return');
    if (returns.length === 0) return cannot('The return side was not measured. Measure it first.');
    const flow = flowNow(system);
    const reference = Math.max(50, values.filterFlowCfm);
    const friction = ductFriction(reference, values.diameterIn, ROUGHNESS_FT.sheetMetal).frictionPer100FtInWc;
    const branch = [
      resistanceFromPoint((friction * values.effectiveLengthFt) / 100, reference, DUCT_EXPONENT),
      resistanceFromPoint(values.filterDropInWc, values.filterFlowCfm, FILTER_EXPONENT),
    ];
    const old = returns.map((section) => section.resistance);
    const drop = pathDropAt(old, flow);
    if (!(drop > 0)) return cannot('The return side has no pressure drop, so a second return would not help.');
    const both = sideBySide(old, branch, drop);
    // The filters that are in get what still goes the old way.
    const oldWay = flowThrough(old, drop);
    const filterFlowShare = ((system.filterFlowShare ?? 1) * oldWay) / (oldWay + flowThrough(branch, drop));
    return moved({
      ...system,
      filterFlowShare,
      path: [
        { stages: returns.flatMap((section) => section.stages), side: 'return', resistance: both },
        ...system.path.filter((section) => section.side === 'supply'),
      ],
    });
  },
});
