import type { FactKind } from '@huff/core';

/** What the air passes on the drawing of a method. */
export type Part = 'wheel' | 'elements' | 'burner' | 'coil' | 'plate' | 'outlets' | 'motor';

/** Where a value is read: it is typed there. */
export interface Spot {
  readonly field: string;
  /** Across the drawing, 0 to 1. */
  readonly x: number;
  /** What stands over the value. */
  readonly label: string;
  readonly tone: 'suction' | 'supply' | 'ink';
  /** A temperature that must come to rest. */
  readonly settles?: boolean;
}

/** The drawing of a method: the duct with what is in it, and the spots where it is read. */
export interface MethodPicture {
  readonly parts: readonly { readonly part: Part; readonly x: number }[];
  readonly spots: readonly Spot[];
  /** A remark in the drawing: where the probe must not see the heat. */
  readonly note?: { readonly x: number; readonly lines: readonly string[] };
}

const RISE_SPOTS: readonly Spot[] = [
  { field: 'returnF', x: 0.19, label: 'entering air', tone: 'suction', settles: true },
  { field: 'supplyF', x: 0.81, label: 'leaving air', tone: 'supply', settles: true },
];
const COIL_SPOTS: readonly Spot[] = [
  { field: 'returnF', x: 0.17, label: 'return, dry', tone: 'suction', settles: true },
  { field: 'supplyF', x: 0.83, label: 'supply, dry', tone: 'supply', settles: true },
];

/** A new method's drawing is an entry here; one without is a list of rows. */
export const PICTURES: Readonly<Partial<Record<FactKind, MethodPicture>>> = {
  electricHeat: {
    parts: [
      { part: 'wheel', x: 0.22 },
      { part: 'elements', x: 0.5 },
    ],
    spots: RISE_SPOTS,
    note: { x: 0.62, lines: ['around the bend:', 'out of sight of', 'the elements'] },
  },
  gasHeat: {
    parts: [
      { part: 'wheel', x: 0.22 },
      { part: 'burner', x: 0.5 },
    ],
    spots: RISE_SPOTS,
    note: { x: 0.62, lines: ['out of sight of', 'the exchanger'] },
  },
  coolingDrop: { parts: [{ part: 'coil', x: 0.5 }], spots: COIL_SPOTS },
  measuredDrop: { parts: [{ part: 'coil', x: 0.5 }], spots: COIL_SPOTS },
  flowPlate: {
    parts: [
      { part: 'plate', x: 0.3 },
      { part: 'wheel', x: 0.55 },
    ],
    spots: [
      { field: 'plateCfm', x: 0.24, label: 'flow plate reading', tone: 'ink' },
      { field: 'plateInWc', x: 0.8, label: 'static, flow plate', tone: 'supply' },
    ],
  },
  registers: { parts: [{ part: 'outlets', x: 0.5 }], spots: [] },
  motorLoad: {
    parts: [{ part: 'motor', x: 0.5 }],
    spots: [
      { field: 'volts', x: 0.2, label: 'line to line', tone: 'ink' },
      { field: 'amps', x: 0.8, label: 'one leg', tone: 'ink' },
    ],
  },
  requestedFlow: { parts: [{ part: 'motor', x: 0.5 }], spots: [] },
};
