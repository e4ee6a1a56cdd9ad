/** The order in which faults are taken, whatever was found first. */
export const TRIAGE_AREAS = [
  { id: 'safety', name: 'Make safe' },
  { id: 'power', name: 'Power and controls' },
  { id: 'blower', name: 'Belt and blower' },
  { id: 'filter', name: 'Filter' },
  { id: 'coil', name: 'Coil faces and drain' },
  { id: 'ducts', name: 'Ducts' },
  { id: 'speed', name: 'Speed' },
  { id: 'heat', name: 'Heat' },
  { id: 'refrigerant', name: 'Refrigerant side' },
  { id: 'building', name: 'Building air' },
] as const;
export type TriageArea = (typeof TRIAGE_AREAS)[number]['id'];

export type TriageOutcome = 'open' | 'dealtWith' | 'declined';

/** One thing found, with what it asks for. */
export interface TriageItem {
  /** The same for the same finding, however often it is computed. */
  readonly id: string;
  readonly area: TriageArea;
  readonly words: string;
  /** What mends it, in words. */
  readonly toDo?: string;
  /** Usual minutes and price of the part, dollars (J). */
  readonly minutes: number;
  readonly money: number;
  readonly outcome: TriageOutcome;
  /** The look it comes from, when it is one: its outcome is kept there. */
  readonly look?: string;
}

const AREA_ORDER: ReadonlyMap<TriageArea, number> = new Map(TRIAGE_AREAS.map(({ id }, i) => [id, i]));

/** What was found, in the order it is taken; what is settled goes last within its area. */
export const inTriageOrder = (items: readonly TriageItem[]): TriageItem[] =>
  [...items].sort(
    (a, b) =>
      AREA_ORDER.get(a.area)! - AREA_ORDER.get(b.area)! || Number(a.outcome !== 'open') - Number(b.outcome !== 'open'),
  );

/** Minutes and money of what is open. */
export const triageSum = (items: readonly TriageItem[]): { readonly minutes: number; readonly money: number } =>
  items
    .filter(({ outcome }) => outcome === 'open')
    .reduce((sum, { minutes, money }) => ({ minutes: sum.minutes + minutes, money: sum.money + money }), {
      minutes: 0,
      money: 0,
    });

interface Effort {
  readonly area: TriageArea;
  readonly minutes: number;
  readonly money: number;
}

/** What a finding of a look usually takes, by what was looked at (J). */
export const LOOK_EFFORT: Readonly<Record<string, Effort>> = {
  air: { area: 'power', minutes: 0, money: 0 },
  elements: { area: 'safety', minutes: 30, money: 0 },
  ice: { area: 'coil', minutes: 45, money: 0 },
  flashes: { area: 'power', minutes: 10, money: 0 },
  wiring: { area: 'power', minutes: 30, money: 10 },
  belt: { area: 'blower', minutes: 25, money: 18 },
  wheel: { area: 'blower', minutes: 75, money: 0 },
  capacitor: { area: 'blower', minutes: 15, money: 18 },
  dehumidify: { area: 'speed', minutes: 5, money: 0 },
  rotation: { area: 'blower', minutes: 10, money: 0 },
  filter: { area: 'filter', minutes: 5, money: 12 },
  light: { area: 'filter', minutes: 5, money: 12 },
  coilFace: { area: 'coil', minutes: 60, money: 25 },
  drain: { area: 'coil', minutes: 25, money: 0 },
  dampers: { area: 'ducts', minutes: 15, money: 0 },
  ducts: { area: 'ducts', minutes: 60, money: 60 },
  noise: { area: 'blower', minutes: 20, money: 0 },
  smell: { area: 'safety', minutes: 15, money: 0 },
};

const OF_POINTS: readonly (readonly [RegExp, Effort])[] = [
  [/^upkeepCabinet$/, { area: 'blower', minutes: 20, money: 5 }],
  [/^after/, { area: 'blower', minutes: 15, money: 0 }],
  [/^(limitCircuit|exchanger|flame|backDraft|gasOn)$/, { area: 'safety', minutes: 30, money: 0 }],
  [
    /^(capacitor|wheel|belt|windings|moduleWindings|motorTries|overloadRetest)$/,
    { area: 'blower', minutes: 30, money: 40 },
  ],
  [/^upkeep(Wheel|Belt|Capacitor)$/, { area: 'blower', minutes: 30, money: 18 }],
  [/^upkeepFilter$/, { area: 'filter', minutes: 5, money: 12 }],
  [/^(drain|float|upkeepCoil|upkeepOutdoor)/, { area: 'coil', minutes: 30, money: 5 }],
  [
    /^(inducer|pressure|igniter|valve|flame|heat|limit|gas|firstBurn|upkeep(Heat|Burner|Flue|Drop))/,
    { area: 'heat', minutes: 30, money: 30 },
  ],
  [/^upkeepStatic$/, { area: 'ducts', minutes: 0, money: 0 }],
  [/^(doorsPull|economizer|makeUp)/, { area: 'building', minutes: 30, money: 0 }],
];

/** What a finding at a point usually takes (J). */
export const pointEffort = (point: string): Effort =>
  OF_POINTS.find(([pattern]) => pattern.test(point))?.[1] ?? { area: 'power', minutes: 20, money: 15 };
