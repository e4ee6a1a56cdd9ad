import { saturatedEnthalpy } from './moistAir';

const LOW_F = -60;
const HIGH_F = 150;

const TABLES = new Map<number, Float64Array>();

/** Enthalpies of saturated air at an altitude, one a degree. */
function tableAt(altitudeFt: number): Float64Array {
  let table = TABLES.get(altitudeFt);
  if (!table) {
    // A phone meets few altitudes; a long-running server may meet many.
    if (TABLES.size > 50) TABLES.clear();
    table = Float64Array.from({ length: HIGH_F - LOW_F + 1 }, (_, i) => saturatedEnthalpy(LOW_F + i, altitudeFt));
    TABLES.set(altitudeFt, table);
  }
  return table;
}

/**
 * Enthalpy of saturated air by temperature, Btu/lb, for what asks it many thousand times: straight lines between whole degrees.
 *
 * @param altitudeFt ft, of the site
 * @returns a function of °F; within 0.002 Btu/lb of psychrometrics from 20 to 90 °F, held at −60 and 150 °F
 * @source ASHRAE Handbook, Fundamentals, psychrometrics
 * @example saturatedEnthalpyAt(0)(50) // 20.3
 */
export function saturatedEnthalpyAt(altitudeFt: number): (tempF: number) => number {
  const table = tableAt(altitudeFt);
  return (tempF) => {
    const at = Math.min(HIGH_F - LOW_F - 1e-9, Math.max(0, tempF - LOW_F));
    const i = Math.floor(at);
    return table[i]! + (at - i) * (table[i + 1]! - table[i]!);
  };
}
