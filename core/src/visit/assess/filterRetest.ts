import { flowAt, type Fan } from '../../air/fan';
import { filterDropInWc } from '../../air/path';
import type { PressureReading } from '../../air/readings';
import type { UnitFacts } from '../../judge/verdicts';
import { layoutOf, type PortId } from '../../air/system';
import { ended, flowWords, staticText, staticWords } from '../../base/words';

/** What the filter-out retest says. */
export interface FilterRetest {
  readonly tespInWc: number;
  /** Airflow with the filter out, CFM. */
  readonly flowCfm?: number;
  /** Airflow then over airflow now. */
  readonly flowRatio?: number;
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
 * Airflow with the filter out over airflow with it in: by the fan's book at both statics, else by the supply duct, which nobody
 * touched: √(S₂/S₁).
 */
function ratioOf(
  book: Fan | undefined,
  tespNow: number,
  tespOut: number,
  supply: { readonly now?: number; readonly out?: number },
): number | undefined {
  const [now, out] = book ? [flowAt(book, tespNow), flowAt(book, tespOut)] : [];
  if (now !== undefined && out !== undefined) return out / now;
  return supply.now !== undefined && supply.out !== undefined && supply.now > 0.03 && supply.out > 0
    ? Math.sqrt(supply.out / supply.now)
    : undefined;
}

/**
 * The filter's drop from statics with the filter out, corrected for the airflow that comes back: TESP₁ − TESP₂·(Q₁/Q₂)².
 *
 * @param flowCfm the one airflow of the visit
 * @param book the fan by its table; without one the untouched supply duct tells the change of airflow
 * @returns undefined while inlet and outlet were not both read with the filter out
 * @source fan and system curve method; the rest of the path as n = 2
 * @example worked example A: 0.17 and 0.30 with the filter out → 0.1515 at 940 CFM by the table, 0.157 by the supply duct
 */
export function filterRetest(
  unit: UnitFacts,
  now: { readonly tespInWc?: number; readonly counted: ReadonlyMap<PortId, PressureReading> },
  readings: readonly PressureReading[],
  flowCfm: number | undefined,
  book: Fan | undefined,
): FilterRetest | undefined {
  const layout = layoutOf(unit);
  const out = filterOutPressures(readings);
  const inlet = layout.inletPort && out.get(layout.inletPort);
  const outlet = out.get(layout.outletPort);
  if (!outlet || (layout.inletPort && !inlet)) return undefined;
  const tespInWc = outlet.staticInWc - (inlet?.staticInWc ?? 0);
  // The last supply port read in both states: what lies after it is duct alone.
  const duct = layout.ports
    .filter((port) => port.side === 'supply' && out.has(port.id) && now.counted.has(port.id))
    .at(-1)?.id;
  const supply = duct ? { now: now.counted.get(duct)?.staticInWc, out: out.get(duct)?.staticInWc } : {};
  const ratio = now.tespInWc === undefined ? undefined : ratioOf(book, now.tespInWc, tespInWc, supply);
  if (ratio === undefined || now.tespInWc === undefined) {
    return {
      tespInWc,
      sentence: `Filter out: ${ended(staticWords(tespInWc))} Missing: airflow at both statics. Use the blower table, or measure the supply with the filter in and out.`,
    };
  }
  const drop = filterDropInWc({ flowCfm: 1, tespInWc: now.tespInWc }, { flowCfm: ratio, tespInWc });
  const then = flowCfm === undefined ? undefined : flowCfm * ratio;
  if (drop < 0) {
    return {
      tespInWc,
      flowCfm: then,
      sentence: `Filter out gives ${staticWords(tespInWc)}, more than the filter explains. Measure both again.`,
    };
  }
  const plain = now.tespInWc - tespInWc;
  const moves = then === undefined ? '' : `${flowWords(then)} at `;
  const at = flowCfm === undefined ? 'As it runs' : `At ${flowWords(flowCfm)}`;
  return {
    tespInWc,
    flowCfm: then,
    flowRatio: ratio,
    filterDropInWc: drop,
    sentence: `Filter out: ${moves}${staticText(tespInWc)}. ${at} the filter itself uses ${staticText(drop)}, not the ${staticText(plain)} from subtracting.`,
  };
}
