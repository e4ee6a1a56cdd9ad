/** What the air passes on its way; decides the exponent of the resistance and the share of the nameplate. */
export type StageKind = 'returnDuct' | 'filter' | 'coil' | 'blower' | 'heat' | 'supplyDuct';

/** One stage of an air path, in order of flow. */
export interface StagePlan {
  readonly kind: StageKind;
  /** Outside the cabinet: its drop counts towards total external static pressure. */
  readonly external: boolean;
}

export const PORT_IDS = ['R1', 'R2', 'S1', 'S2', 'S3'] as const;
export type PortId = (typeof PORT_IDS)[number];

/** A test port: where a probe goes in. Pressure is read against the room. */
export interface PortPlan {
  readonly id: PortId;
  readonly side: 'return' | 'supply';
  /** The port lies after this many stages of the layout. */
  readonly afterStage: number;
  readonly name: string;
  /** Where to drill, and where never to. */
  readonly where: string;
}

export const LAYOUT_IDS = ['airHandler', 'furnaceCasedCoil', 'packaged'] as const;
export type LayoutId = (typeof LAYOUT_IDS)[number];

/** An air path from room to room, with its ports and the boundary of the equipment. */
export interface Layout {
  readonly id: LayoutId;
  readonly name: string;
  readonly stages: readonly StagePlan[];
  readonly ports: readonly PortPlan[];
  /** The port at the air's way into the equipment, and out of it: TESP lies between them. */
  readonly inletPort: PortId;
  readonly outletPort: PortId;
}

const BEFORE_FILTER = 'Sheet metal of the return plenum, before the filter. Seal the hole afterwards.';
const AFTER_FILTER_COIL = 'Sheet metal between filter and coil. Never into the coil or its pan.';

/** The layouts as data. Boundaries follow the makers' usual table conditions; a maker's own note outranks them. */
export const LAYOUTS: Readonly<Record<LayoutId, Layout>> = {
  airHandler: {
    id: 'airHandler',
    name: 'Air handler',
    stages: [
      { kind: 'returnDuct', external: true },
      { kind: 'filter', external: true },
      { kind: 'coil', external: false },
      { kind: 'blower', external: false },
      { kind: 'supplyDuct', external: true },
    ],
    ports: [
      { id: 'R1', side: 'return', afterStage: 1, name: 'before the filter', where: BEFORE_FILTER },
      { id: 'R2', side: 'return', afterStage: 2, name: 'after the filter', where: AFTER_FILTER_COIL },
      {
        id: 'S1',
        side: 'supply',
        afterStage: 4,
        name: 'supply plenum',
        where: 'Supply plenum in straight flow, clear of the heater wires and the control box.',
      },
    ],
    inletPort: 'R2',
    outletPort: 'S1',
  },
  furnaceCasedCoil: {
    id: 'furnaceCasedCoil',
    name: 'Furnace with cased coil',
    stages: [
      { kind: 'returnDuct', external: true },
      { kind: 'filter', external: true },
      { kind: 'blower', external: false },
      { kind: 'heat', external: false },
      { kind: 'coil', external: true },
      { kind: 'supplyDuct', external: true },
    ],
    ports: [
      { id: 'R1', side: 'return', afterStage: 1, name: 'before the filter', where: BEFORE_FILTER },
      {
        id: 'R2',
        side: 'return',
        afterStage: 2,
        name: 'after the filter',
        where: 'Sheet metal between filter and blower. Clear of wiring and the gas line.',
      },
      {
        id: 'S1',
        side: 'supply',
        afterStage: 4,
        name: 'after the furnace, before the coil',
        where: 'The transition between furnace and coil. Never into the heat exchanger or the coil.',
      },
      {
        id: 'S2',
        side: 'supply',
        afterStage: 5,
        name: 'after the coil',
        where: 'Supply plenum above the coil. Never into the coil case or its lines.',
      },
    ],
    inletPort: 'R2',
    outletPort: 'S1',
  },
  packaged: {
    id: 'packaged',
    name: 'Packaged unit',
    stages: [
      { kind: 'returnDuct', external: true },
      { kind: 'filter', external: false },
      { kind: 'coil', external: false },
      { kind: 'blower', external: false },
      { kind: 'heat', external: false },
      { kind: 'supplyDuct', external: true },
    ],
    ports: [
      {
        id: 'R1',
        side: 'return',
        afterStage: 1,
        name: 'return duct at the unit',
        where: 'Return duct at the cabinet, before the filter, in straight flow.',
      },
      {
        id: 'S1',
        side: 'supply',
        afterStage: 5,
        name: 'supply duct at the unit',
        where: 'Supply duct at the cabinet. Clear of gas lines, wiring and the heat exchanger.',
      },
    ],
    inletPort: 'R1',
    outletPort: 'S1',
  },
};

/** The port plan of a layout, or undefined when that layout has no such port. */
export function portOf(layout: Layout, id: PortId): PortPlan | undefined {
  return layout.ports.find((port) => port.id === id);
}
