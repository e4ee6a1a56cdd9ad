import { flowAfterPlan, reconcile } from '../../air/flow';
import type { PressureReading } from '../../air/readings';
import { solveTool } from '../../base/forms';
import { toolOf } from '../../calculators/catalogue';
import { standingFacts } from '../../call/facts';
import { judgeDrop, judgeRise, judgeWhole, type Rules, type UnitFacts } from '../../judge/verdicts';
import { measuredRise } from './measuredFacts';
import type { ReadVisit } from './readVisit';
import { pressureUnderStop, underStop } from './underStop';
import type { VisitFacts } from './visitFacts';

/** The one airflow of a visit, and pressure, drop and rise held against it. What is read while a stop is on is no airflow of this unit. */
export function judgeAir<R extends PressureReading>(
  visit: VisitFacts<R>,
  { pressure, unit, stop, known }: ReadVisit<R>,
  rules: Rules,
) {
  const { flowSince, facts } = visit;
  const { estimates } = known;
  const own = reconcile(estimates);
  const flow = stop ? undefined : flowSince ? flowAfterPlan(own, flowSince) : own;
  const whole = judgeWhole(
    pressure,
    unit,
    visit.readings,
    rules,
    // What is only usual is no airflow to carry a share to the target by.
    flow && {
      flowCfm: flow.flowCfm,
      sigmaCfm: flow.sigmaCfm,
      targetCfm: flow.usualOnly ? undefined : pressure.target?.flowCfm,
    },
    visit.filters,
  );
  // The drop never judges itself: its own airflow is left out.
  const others = flowSince?.dropOnly === false ? flow : reconcile(estimates.filter((e) => e.basis !== 'drop'));
  const judging = !stop && others && !others.usualOnly ? others : undefined;
  const dropOf = dropInputsOf(visit, unit, judging?.flowCfm);
  const dropOutcome = dropOf && solveTool(toolOf('measuredDrop')!, dropOf.inputs);
  const dropAnswer = dropOutcome?.ok ? dropOutcome : undefined;
  const drop = judgeDrop(
    dropAnswer && dropOf?.inputs,
    judging,
    rules,
    dropOf ? [dropOf.id] : [],
    flow?.dropOnly ? 'Airflow comes from this same drop, so it cannot judge it. Use another method.' : undefined,
  );
  const read = measuredRise(facts);
  const rise = read && judgeRise(read.riseF, visit.rise, [read.id]);
  return {
    flow,
    judgement: stop ? pressureUnderStop(whole, stop) : whole,
    drop: stop ? underStop(drop, stop) : drop,
    dropAnswer,
    dropInputs: dropOf?.inputs,
    rise: stop && rise ? underStop(rise, stop) : rise,
  };
}

export type JudgedAir = ReturnType<typeof judgeAir>;

/** The temperatures as they were recorded, with the tons of the stage that ran. */
function dropInputsOf(visit: VisitFacts, unit: UnitFacts, flowCfm: number | undefined) {
  const fact = standingFacts(visit.facts).get('measuredDrop');
  if (!fact) return undefined;
  const tons = visit.stage === 'low' && unit.tons !== undefined ? { tons: unit.tons } : {};
  return { id: fact.id, inputs: { ...fact.inputs, ...tons, flowCfm: flowCfm ?? null } };
}
