import { makeUpLines, netBuilding, type BuildingNet } from '../building';
import { standingChecks, withTold } from '../points';
import type { Check, CheckContext } from '../checks';
import { CALL_CAUTIONS, type CallCaution, type Complaint } from '../complaint';
import { complaintOf } from '../complaint/complaints';
import { gasFurnace, heatSequence, heatTouches, kitReading, lastRun } from '../heat';
import { assessPower, BLOWER_MOTOR_CAUSES, partAtFix, repeatedAlike } from '../power';
import { schemeFor } from '../power/schemes';
import type { TriageItem } from '../triage/triage';
import type { KeptCheck } from '../facts/facts';
import { isCheck, stepsOf } from '../facts/outcome';
import { outdoorUnit } from '../outdoor';
import { outcomesOf, readBeforeFix } from './callFacts';
import { runningLines } from './runningLines';
import type { CallFacts } from './callInput';
import { circuitsOf } from './circuits';
import { triageOf, type Found } from './triageOf';

/** Everything that can be said of the rest of the call. */
export interface CallAssessment extends Found {
  readonly complaint?: Complaint;
  /** Ratings that checks are held against. */
  readonly context: CheckContext;
  readonly triage: readonly TriageItem[];
  /** Cautions not read yet at this visit, in their order. */
  readonly unread: (ids: readonly string[]) => readonly CallCaution[];
}

function buildingOf(checks: ReadonlyMap<string, Check>): BuildingNet | undefined {
  const flow = (id: string) => {
    const value = checks.get(id)?.value;
    return value === undefined ? [] : [value];
  };
  const [exhaustCfm, makeUpCfm, outdoorAirCfm] = [flow('exhaustCfm'), flow('makeUpCfm'), flow('outdoorAirCfm')];
  const pressureInWc = checks.get('buildingInWc')?.value;
  if (exhaustCfm.length + makeUpCfm.length + outdoorAirCfm.length === 0 && pressureInWc === undefined) return undefined;
  return netBuilding({ exhaustCfm, makeUpCfm, outdoorAirCfm }, pressureInWc);
}

/**
 * Assesses the rest of the call: what was said and the way it sets, power, heat, the refrigerant side behind its gate, and everything found in the
 * order it is taken. Pure; what is missing is said, never guessed.
 */
export function assessCall(call: CallFacts): CallAssessment {
  const { knownChecks = [] } = call;
  const made = [
    ...knownChecks.map((check): KeptCheck => ({ id: `known-${check.point}`, ...check })),
    ...stepsOf(call.facts),
  ];
  const read = made.filter(isCheck);
  const { staticRead, priors, looks, stop } = call;
  const rated = read.findLast(({ point }) => point === 'ratedMicrofarads')?.value;
  const context = { ...call.context, ratedMicrofarads: rated ?? call.context.ratedMicrofarads };
  const scheme = schemeFor(call.motor, read.findLast(({ point }) => point === 'scheme')?.state);
  const ofPower = partAtFix(made, scheme, context, BLOWER_MOTOR_CAUSES);
  const ofGas = partAtFix(ofPower.standing, gasFurnace, context);
  const ofOutdoor = partAtFix(ofGas.standing, outdoorUnit, context);
  const all = ofOutdoor.standing.filter(isCheck);
  const checks = withTold(standingChecks(all));
  const repeated = repeatedAlike(all, context);
  const power = assessPower({
    stop,
    scheme,
    fixed: ofPower.fixed,
    checks,
    context,
    staticRead,
    priors,
    looks,
    repeated,
  });
  const gas = assessPower({
    stop,
    scheme: gasFurnace,
    fixed: ofGas.fixed,
    checks,
    context,
    staticRead,
    priors,
    looks,
    repeated,
  });
  const outdoor = assessPower({
    stop: stop?.isDanger ? stop : undefined,
    isOutdoors: true,
    scheme: outdoorUnit,
    fixed: ofOutdoor.fixed,
    checks,
    context,
    staticRead,
    priors,
    repeated,
  });
  const heat = heatSequence(lastRun(heatTouches(all)));
  const circuits = circuitsOf(call, checks);
  const found: Found = {
    checks,
    power,
    gas,
    outdoor,
    heat,
    kit: kitReading(checks),
    circuits,
    building: buildingOf(checks),
    makeUp: makeUpLines(checks),
    amps: runningLines({ all, checks, context, facts: call.facts, scheme }),
  };
  return {
    complaint: complaintOf(checks.get('complaint')?.state),
    ...found,
    context,
    triage: triageOf(call, found, outcomesOf(call.facts), [
      ...ofPower.closed,
      ...ofGas.closed,
      ...ofOutdoor.closed,
      ...readBeforeFix(made),
    ]),
    unread: (ids) => CALL_CAUTIONS.filter(({ id }) => ids.includes(id) && !checks.has(`caution-${id}`)),
  };
}
