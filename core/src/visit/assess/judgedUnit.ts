import { tapRow } from '../../air/fan';
import type { UnitFacts } from '../../judge/verdicts';
import { heatBand } from '../../fix/model';
import { isHeatPump } from '../../air/system';
import { heaterOf } from './measuredFacts';
import type { VisitFacts } from './visitFacts';

/** (J) What the low stage makes of the full capacity, where it is not known. */
const USUAL_LOW_STAGE_SHARE = 0.7;

/** A unit in its low stage is a smaller unit: its tons and its design airflow by the share of that stage. */
function atStage(visit: VisitFacts): UnitFacts {
  const { unit, stage, lowStage } = visit;
  if (stage !== 'low') return unit;
  const share = lowStage?.share ?? USUAL_LOW_STAGE_SHARE;
  const of = (value: number | undefined) => value && value * share;
  return { ...unit, tons: of(unit.tons), designCfm: of(unit.designCfm) };
}

/** The unit that is judged: of its stage, on the speed its statics were read on, with what its heat asks for. */
export function judgedUnit(visit: VisitFacts, tap: string | undefined): UnitFacts {
  const unit = { ...atStage(visit), tap };
  // A heat pump heats with its coil: its airflow is that of cooling, not of a rise.
  if (visit.mode !== 'heating' || isHeatPump(visit.equipment)) return unit;
  return { ...unit, heatBand: heatBand(heaterOf(visit), visit.altitudeFt) };
}

/** What the switch setting asks for, CFM, by the table of a motor that holds its airflow: the most its row gives. */
export function settingCfmOf({ motor, table, tap }: UnitFacts): number | undefined {
  if (motor !== 'constantAirflow' || !table || tap === undefined) return undefined;
  const flows = (tapRow(table, tap)?.flowsCfm ?? []).filter((flow) => flow !== null);
  return flows.length > 0 ? Math.max(...flows) : undefined;
}
