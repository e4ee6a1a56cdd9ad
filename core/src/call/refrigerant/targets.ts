import { shownWords } from '../../base/words';
import type { Source } from '../../base/numbers/source';

/**
 * Superheat asked of a fixed orifice, °F: (3 · indoor wet bulb − 80 − outdoor dry bulb) ÷ 2.
 *
 * @param returnWetBulbF wet bulb of the return air, °F, 50 to 76
 * @param outdoorF outdoor dry bulb, °F, 55 to 115
 * @returns °F; undefined out of range, or where under 5 °F is asked: there charge is not set by superheat
 * @source the common charging relation for fixed orifices
 * @example orificeSuperheatF(67, 95) // 13
 */
export function orificeSuperheatF(returnWetBulbF: number, outdoorF: number): number | undefined {
  if (returnWetBulbF < 50 || returnWetBulbF > 76 || outdoorF < 55 || outdoorF > 115) return undefined;
  const asked = (3 * returnWetBulbF - 80 - outdoorF) / 2;
  return asked >= 5 ? asked : undefined;
}

/** A row of a manufacturer's charging chart: what is asked at an outdoor temperature. */
export interface ChartRow {
  readonly outdoorF: number;
  readonly askedF: number;
}

/** What is wrong with a chart as it was typed, in a sentence. */
export function chartFault(outdoorF: readonly number[], askedF: readonly number[]): string | undefined {
  if (outdoorF.length !== askedF.length)
    return `The chart has ${outdoorF.length} outdoor temperatures and ${askedF.length} targets. Each row needs both.`;
  const wrong = outdoorF.findIndex((temp, i) => i > 0 && temp <= outdoorF[i - 1]!);
  return wrong < 0
    ? undefined
    : `Row ${wrong + 1} of the chart is out of order: ${shownWords(outdoorF[wrong]!, 'degF', 0)} after ${shownWords(outdoorF[wrong - 1]!, 'degF', 0)}.`;
}

/**
 * What a manufacturer's chart asks at an outdoor temperature, straight between its rows, never beyond them.
 *
 * @example chartAsks([{ outdoorF: 75, askedF: 12 }, { outdoorF: 95, askedF: 8 }], 85) // 10
 */
export function chartAsks(rows: readonly ChartRow[], outdoorF: number): number | undefined {
  const high = rows.findIndex((row) => row.outdoorF >= outdoorF);
  if (high < 0 || outdoorF < rows[0]!.outdoorF) return undefined;
  if (high === 0) return rows[0]!.askedF;
  const [a, b] = [rows[high - 1]!, rows[high]!];
  return a.askedF + ((outdoorF - a.outdoorF) / (b.outdoorF - a.outdoorF)) * (b.askedF - a.askedF);
}

/** Usual figures where neither plate nor chart speaks (J): superheat of a valve, subcooling, approach, return over dew. */
export const USUAL = {
  valveSuperheatF: { low: 6, high: 14 },
  subcoolingF: { low: 7, high: 14 },
  orificeSubcoolingF: { low: 5, high: 16 },
  approachMostF: 15,
  condensingOverF: { low: 10, high: 25 },
  returnMinusDewF: { low: 28, high: 38 },
  drierDropMostF: 3,
  distributorSpreadMostF: 6,
} as const;

/** A band that a gap of the ladder is held against, and where it comes from. */
export interface Asked {
  readonly low: number;
  readonly high: number;
  readonly source: Source;
  readonly words: string;
}

/** Either side of a single figure of plate, chart or relation. */
export const TARGET_SLACK_F = 3;
