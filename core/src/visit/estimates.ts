import type { FlowEstimate } from '../flow';
import type { Judgement, Rules, UnitFacts } from '../judge';
import type { PressureReading } from '../readings';
import { FLOW_METHOD_IDS, solveTool, toolOf } from '../tools';
import { asideReasons, standingFacts, type Fact } from './facts';

export const TABLE_METHOD = 'blowerTable';

/** Conditions a maker's table was taken under, where the book says so. */
export interface TableConditions {
  readonly coil?: 'wet' | 'dry';
  readonly volts?: number;
}

/** Why the table may not hold here: conditions that differ from the maker's. */
function tableDoubts(
  counted: readonly PressureReading[],
  conditions: TableConditions,
  lineVolts: number | undefined,
  motor: UnitFacts['motor'],
): string[] {
  const coil = conditions.coil ?? 'wet';
  const other = counted.some((reading) => reading.conditions.coil !== coil);
  const off =
    conditions.volts !== undefined && lineVolts !== undefined ? Math.abs(lineVolts / conditions.volts - 1) : 0;
  return [
    other && `The maker’s table is for a ${coil} coil; it was read ${coil === 'wet' ? 'dry' : 'wet'}.`,
    off > 0.05 &&
      motor === 'psc' &&
      `Line is ${lineVolts} V, the table is for ${conditions.volts}: a PSC motor turns slower on less.`,
  ].filter((d): d is string => typeof d === 'string');
}

/**
 * Every airflow there is for a visit: the blower table's, and each method whose facts were recorded and can be solved.
 *
 * @param counted the statics that count
 */
export function flowEstimates(
  judgement: Judgement,
  unit: UnitFacts,
  counted: readonly PressureReading[],
  facts: readonly Fact[],
  rules: Rules,
  table: { readonly conditions: TableConditions; readonly lineVolts?: number; readonly wheelCaked: boolean },
): FlowEstimate[] {
  const aside = asideReasons(facts);
  const found: FlowEstimate[] = [];
  if (judgement.flowCfm !== undefined) {
    const doubts = tableDoubts(counted, table.conditions, table.lineVolts, unit.motor);
    if (table.wheelCaked) doubts.unshift('The wheel is caked: it moves less than the table of a clean one says.');
    found.push({
      id: TABLE_METHOD,
      name: 'Blower table',
      flowCfm: judgement.flowCfm,
      sigmaShare: rules.tableFlowSigma * (doubts.length > 0 ? 1.6 : 1),
      doubts,
      setAside: aside.get(TABLE_METHOD),
    });
  }
  const standing = standingFacts(facts);
  for (const id of FLOW_METHOD_IDS) {
    const fact = standing.get(id);
    const tool = toolOf(id);
    if (!fact || !tool) continue;
    const outcome = solveTool(tool, fact.inputs);
    if (outcome.ok && outcome.flow) found.push({ id, name: tool.name, ...outcome.flow, setAside: aside.get(id) });
  }
  return found;
}
