import { flowAtStatic, tapRow } from '../fan';
import type { Judgement, UnitFacts } from '../judge';
import { filterDropInWc } from '../path';
import type { PressureReading } from '../readings';
import { layoutOf, type PortId } from '../system';
import { flowText, staticText } from '../words';

/** What the filter-out retest says. */
export interface FilterRetest {
  readonly tespInWc: number;
  readonly flowCfm?: number;
  /** The filter's own drop at today's flow, corrected for the flow that rose when it was pulled, in. w.c. */
  readonly filterDropInWc?: number;
  readonly sentence: string;
}

/** The last statics with the filter out and the door on, by port. */
export function filterOutPressures(readings: readonly PressureReading[]): ReadonlyMap<PortId, PressureReading> {
  const replaced = new Set(readings.map((r) => r.replacesId).filter(Boolean));
  return new Map(
    readings
      .filter((r) => r.conditions.filter === 'out' && r.conditions.door === 'on' && !replaced.has(r.id))
      .map((r) => [r.port, r]),
  );
}

/**
 * The filter's drop from statics with the filter out, corrected for flow by the blower table.
 *
 * @returns undefined while inlet and outlet were not both read with the filter out
 * @example worked example A: 0.17 and 0.30 with the filter out → 0.1515 at 940 CFM
 */
export function filterRetest(
  unit: UnitFacts,
  judgement: Judgement,
  readings: readonly PressureReading[],
): FilterRetest | undefined {
  const layout = layoutOf(unit);
  const out = filterOutPressures(readings);
  const inlet = layout.inletPort && out.get(layout.inletPort);
  const outlet = out.get(layout.outletPort);
  if (!outlet || (layout.inletPort && !inlet)) return undefined;
  const tespInWc = outlet.staticInWc - (inlet?.staticInWc ?? 0);
  const row = unit.table && unit.tap ? tapRow(unit.table, unit.tap) : undefined;
  const read = row && unit.table ? flowAtStatic(unit.table, row, tespInWc) : undefined;
  if (read?.kind !== 'flow' || judgement.flowCfm === undefined || judgement.tespInWc === undefined) {
    return {
      tespInWc,
      sentence: `Filter out: ${staticText(tespInWc)} in. w.c. Lacks the table’s airflow at both statics.`,
    };
  }
  const drop = filterDropInWc(
    { flowCfm: judgement.flowCfm, tespInWc: judgement.tespInWc },
    { flowCfm: read.flowCfm, tespInWc },
  );
  if (drop < 0) {
    return {
      tespInWc,
      flowCfm: read.flowCfm,
      sentence: `Filter out gives ${staticText(tespInWc)} in. w.c., more than the filter would explain: the two states do not belong together. Read both again.`,
    };
  }
  const plain = judgement.tespInWc - tespInWc;
  return {
    tespInWc,
    flowCfm: read.flowCfm,
    filterDropInWc: drop,
    sentence: `Filter out: ${flowText(read.flowCfm)} CFM at ${staticText(tespInWc)}. At ${flowText(judgement.flowCfm)} CFM the filter itself takes ${staticText(drop)}, not the ${staticText(plain)} that subtracting says.`,
  };
}
