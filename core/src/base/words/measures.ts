/**
 * What units a person reads and types. Core computes in US customary units whatever stands here; words alone follow it, so that every
 * sentence, drawing and keypad of a person's screen speaks one language. Set once, at the edge; a server sets it for each paper.
 */
export interface Measures {
  readonly static: 'inWc' | 'pa';
  readonly flow: 'cfm' | 'ls' | 'm3h';
  readonly temperature: 'f' | 'c';
  readonly length: 'in' | 'mm';
  readonly distance: 'ft' | 'm';
  readonly heat: 'btuH' | 'kw';
}

export const US_MEASURES: Measures = {
  static: 'inWc',
  flow: 'cfm',
  temperature: 'f',
  length: 'in',
  distance: 'ft',
  heat: 'btuH',
};

export const SI_MEASURES: Measures = {
  static: 'pa',
  flow: 'ls',
  temperature: 'c',
  length: 'mm',
  distance: 'm',
  heat: 'kw',
};

let now: Measures = US_MEASURES;

/** Sets what this screen's person reads and types. */
export const setMeasures = (measures: Measures): void => {
  now = measures;
};

export const currentMeasures = (): Measures => now;

/**
 * Words made in the units of whoever they are for, where many are served: what stands before stands again afterwards.
 *
 * @param work makes them at once: nothing may be waited for in it
 */
export function withMeasures<T>(measures: Measures, work: () => T): T {
  const before = now;
  now = measures;
  try {
    return work();
  } finally {
    now = before;
  }
}

const CHOICES: { readonly [K in keyof Measures]: readonly Measures[K][] } = {
  static: ['inWc', 'pa'],
  flow: ['cfm', 'ls', 'm3h'],
  temperature: ['f', 'c'],
  length: ['in', 'mm'],
  distance: ['ft', 'm'],
  heat: ['btuH', 'kw'],
};

/** Measures as they stand in an address. @example measuresText(SI_MEASURES) // 'pa,ls,c,mm,m,kw' */
export const measuresText = (measures: Measures): string =>
  Object.keys(CHOICES)
    .map((quantity) => measures[quantity as keyof Measures])
    .join(',');

/**
 * Measures from an address: the units named, in any order; of what is not named those of the US.
 *
 * @returns undefined where a word is none of ours
 * @example measuresOf('pa,ls') // Pa and L/s, the rest as in the US
 */
export function measuresOf(text: string): Measures | undefined {
  let measures = US_MEASURES;
  for (const word of text.split(',')) {
    const quantity = Object.entries(CHOICES).find(([, units]) => (units as readonly string[]).includes(word))?.[0];
    if (quantity === undefined) return undefined;
    measures = { ...measures, [quantity]: word };
  }
  return measures;
}

/** A unit as it is shown: its name, its places, and value × `per` + `plus` of the stored US figure. */
export interface ShownUnit {
  readonly text: string;
  readonly per: number;
  readonly plus?: number;
  readonly places: number;
}

/** Quantities whose unit a person may choose. */
export type Quantity =
  | 'inWc'
  | 'psig'
  | 'cfm'
  | 'cfmPerTon'
  | 'fpm'
  | 'degF'
  | 'deltaF'
  | 'in'
  | 'ft'
  | 'sqFt'
  | 'sqIn'
  | 'btuH'
  | 'inWcPer100Ft';

/** Pa in an inch of water, 60 °F: ASHRAE's conventional inch. */
export const PA_PER_IN_WC = 248.84;
/** kPa in a pound per square inch. */
const KPA_PER_PSI = 6.894757;
const LS_PER_CFM = 0.47194745;
const M3H_PER_CFM = 1.69901082;

const US: Readonly<Record<Quantity, ShownUnit>> = {
  inWc: { text: 'in. w.c.', per: 1, places: 2 },
  psig: { text: 'psig', per: 1, places: 0 },
  cfm: { text: 'CFM', per: 1, places: 0 },
  cfmPerTon: { text: 'CFM per ton', per: 1, places: 0 },
  fpm: { text: 'fpm', per: 1, places: 0 },
  degF: { text: '°F', per: 1, places: 1 },
  deltaF: { text: '°F', per: 1, places: 1 },
  in: { text: 'in.', per: 1, places: 2 },
  ft: { text: 'ft', per: 1, places: 0 },
  sqFt: { text: 'sq ft', per: 1, places: 2 },
  sqIn: { text: 'sq in.', per: 1, places: 0 },
  btuH: { text: 'Btu/h', per: 1, places: 0 },
  inWcPer100Ft: { text: 'in. w.c. per 100 ft', per: 1, places: 3 },
};

const FLOW: Readonly<Record<Exclude<Measures['flow'], 'cfm'>, { text: string; per: number }>> = {
  ls: { text: 'L/s', per: LS_PER_CFM },
  m3h: { text: 'm³/h', per: M3H_PER_CFM },
};

/** How a quantity is shown to whom these measures belong. */
export function shownUnit(quantity: Quantity, measures: Measures = now): ShownUnit {
  const metricLength = measures.length === 'mm';
  const metricFlow = measures.flow !== 'cfm' ? FLOW[measures.flow] : undefined;
  switch (quantity) {
    case 'inWc':
      return measures.static === 'pa' ? { text: 'Pa', per: PA_PER_IN_WC, places: 0 } : US.inWc;
    case 'psig':
      // Gauge pressure of refrigerant goes with the static.
      return measures.static === 'pa' ? { text: 'kPa', per: KPA_PER_PSI, places: 0 } : US.psig;
    case 'cfm':
      return metricFlow ? { ...metricFlow, places: 0 } : US.cfm;
    case 'cfmPerTon':
      return metricFlow ? { text: `${metricFlow.text} per ton`, per: metricFlow.per, places: 0 } : US.cfmPerTon;
    case 'fpm':
      return metricFlow ? { text: 'm/s', per: 0.00508, places: 2 } : US.fpm;
    case 'degF':
      return measures.temperature === 'c' ? { text: '°C', per: 5 / 9, plus: -160 / 9, places: 1 } : US.degF;
    case 'deltaF':
      // A difference of kelvins, so that nobody takes it for a temperature.
      return measures.temperature === 'c' ? { text: 'K', per: 5 / 9, places: 1 } : US.deltaF;
    case 'in':
      return metricLength ? { text: 'mm', per: 25.4, places: 0 } : US.in;
    case 'ft':
      return measures.distance === 'm' ? { text: 'm', per: 0.3048, places: 0 } : US.ft;
    case 'sqFt':
      return metricLength ? { text: 'm²', per: 0.09290304, places: 3 } : US.sqFt;
    case 'sqIn':
      return metricLength ? { text: 'cm²', per: 6.4516, places: 0 } : US.sqIn;
    case 'btuH':
      return measures.heat === 'kw' ? { text: 'kW', per: 0.00029307107, places: 2 } : US.btuH;
    case 'inWcPer100Ft':
      return measures.static === 'pa' && measures.distance === 'm'
        ? { text: 'Pa/m', per: PA_PER_IN_WC / 30.48, places: 2 }
        : US.inWcPer100Ft;
  }
}

/** Whether a person may choose the unit of it. */
export const isQuantity = (unit: string): unit is Quantity => Object.hasOwn(US, unit);

/** A stored figure in the unit it is shown in. @example toShown(0.5, 'inWc') with Pa // 124.42 */
export function toShown(value: number, unit: string): number {
  if (!isQuantity(unit)) return value;
  const { per, plus = 0 } = shownUnit(unit);
  return value * per + plus;
}

/** What was typed in the unit it is shown in, as it is computed with. The way back of `toShown`. */
export function fromShown(value: number, unit: string): number {
  if (!isQuantity(unit)) return value;
  const { per, plus = 0 } = shownUnit(unit);
  return (value - plus) / per;
}
