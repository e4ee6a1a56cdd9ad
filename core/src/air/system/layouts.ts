/** What the air passes on its way; decides the exponent of the resistance and the share of the nameplate. */
export type StageKind = 'hood' | 'returnDuct' | 'filter' | 'coil' | 'blower' | 'heat' | 'supplyDuct';

/** One stage of an air path, in order of flow. */
interface StagePlan {
  readonly kind: StageKind;
  /** Outside the cabinet: its drop counts towards total external static pressure. */
  readonly external: boolean;
}

export const PORT_IDS = ['R0', 'R1', 'R2', 'S1', 'S2', 'S3'] as const;
export type PortId = (typeof PORT_IDS)[number];

/** A test port: where a probe goes in. Pressure is read against the room. */
export interface PortPlan {
  readonly id: PortId;
  readonly side: 'return' | 'supply';
  /** The port lies after this many stages of the layout. */
  readonly afterStage: number;
  readonly name: string;
  /** The same in two short words, for drawings. */
  readonly short: string;
  /** Where to drill, and where never to. */
  readonly where: string;
}

export const LAYOUT_IDS = ['airHandler', 'furnaceCasedCoil', 'packaged', 'makeUpAir'] as const;
export type LayoutId = (typeof LAYOUT_IDS)[number];

/** Where the filters are: at the unit, at the return grilles (one or several side by side), or, by mistake, at both. */
export const FILTER_PLACES = ['atUnit', 'atGrilles', 'both'] as const;
export type FilterPlace = (typeof FILTER_PLACES)[number];

/** An air path from room to room, with its ports and the boundary of the equipment. */
export interface Layout {
  readonly id: LayoutId;
  readonly name: string;
  readonly stages: readonly StagePlan[];
  readonly ports: readonly PortPlan[];
  /** The port at the air's way into the equipment, none when it takes the air from outdoors; and out of it. */
  readonly inletPort?: PortId;
  readonly outletPort: PortId;
}

const BEFORE_FILTER = 'Sheet metal of the return plenum, before the filter. Seal the hole afterwards.';
const AFTER_FILTER_COIL = 'Sheet metal between filter and coil. Never into the coil or its pan.';

/** The layouts as data. Boundaries follow the manufacturers' usual table conditions; a manufacturer's own note outranks them. */
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
      {
        id: 'R1',
        side: 'return',
        afterStage: 1,
        name: 'before the filter',
        short: 'before filter',
        where: BEFORE_FILTER,
      },
      {
        id: 'R2',
        side: 'return',
        afterStage: 2,
        name: 'after the filter',
        short: 'after filter',
        where: AFTER_FILTER_COIL,
      },
      {
        id: 'S1',
        side: 'supply',
        afterStage: 4,
        name: 'supply plenum',
        short: 'supply plenum',
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
      {
        id: 'R1',
        side: 'return',
        afterStage: 1,
        name: 'before the filter',
        short: 'before filter',
        where: BEFORE_FILTER,
      },
      {
        id: 'R2',
        side: 'return',
        afterStage: 2,
        name: 'after the filter',
        short: 'after filter',
        where: 'Sheet metal between filter and blower. Clear of wiring and the gas line.',
      },
      {
        id: 'S1',
        side: 'supply',
        afterStage: 4,
        name: 'after the furnace, before the coil',
        short: 'before coil',
        where: 'The transition between furnace and coil. Never into the heat exchanger or the coil.',
      },
      {
        id: 'S2',
        side: 'supply',
        afterStage: 5,
        name: 'after the coil',
        short: 'after coil',
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
        short: 'return duct',
        where: 'Return duct at the cabinet, before the filter, in straight flow.',
      },
      {
        id: 'S1',
        side: 'supply',
        afterStage: 5,
        name: 'supply duct at the unit',
        short: 'supply duct',
        where: 'Supply duct at the cabinet. Clear of gas lines, wiring and the heat exchanger.',
      },
    ],
    inletPort: 'R1',
    outletPort: 'S1',
  },
  makeUpAir: {
    id: 'makeUpAir',
    name: 'Make-up air unit',
    stages: [
      { kind: 'hood', external: false },
      { kind: 'filter', external: false },
      { kind: 'heat', external: false },
      { kind: 'blower', external: false },
      { kind: 'supplyDuct', external: true },
    ],
    ports: [
      {
        id: 'R1',
        side: 'return',
        afterStage: 1,
        name: 'after the hood',
        short: 'after hood',
        where: 'Cabinet panel between hood and filter. The reference stays outdoors, out of the wind.',
      },
      {
        id: 'R2',
        side: 'return',
        afterStage: 2,
        name: 'after the filter',
        short: 'after filter',
        where: 'Cabinet panel between filter and burner. Never into the burner, its box or the gas train.',
      },
      {
        id: 'S1',
        side: 'supply',
        afterStage: 4,
        name: 'supply duct at the unit',
        short: 'supply duct',
        where: 'Supply duct at the cabinet, in straight flow. Clear of gas lines and wiring.',
      },
    ],
    outletPort: 'S1',
  },
};

const BEHIND_GRILLE: PortPlan = {
  id: 'R0',
  side: 'return',
  afterStage: 1,
  name: 'behind the filter grille',
  short: 'behind grille',
  where:
    'Return boot or box behind the grille, clear of the filter. With several grilles, use the one with the dirtiest filter.',
};

/** The same air path with its filters at the return grilles, or at both ends of the return duct. */
function withGrilleFilters(layout: Layout, place: 'atGrilles' | 'both'): Layout {
  const filterAt = layout.stages.findIndex((stage) => stage.kind === 'filter');
  const kept = place === 'both' ? layout.stages : layout.stages.filter((_, i) => i !== filterAt);
  const shift = (afterStage: number) => (place === 'both' || afterStage <= filterAt ? afterStage + 1 : afterStage);
  const isInlet = (id: PortId) => id === layout.inletPort;
  // Without a filter at the unit, the ports before and after it are one place.
  const ports = layout.ports.filter((port) => place === 'both' || port.id !== 'R1' || isInlet(port.id));
  return {
    ...layout,
    stages: [{ kind: 'filter', external: true }, ...kept],
    ports: [
      BEHIND_GRILLE,
      ...ports.map((port) => ({
        ...port,
        afterStage: shift(port.afterStage),
        ...(place === 'atGrilles' && isInlet(port.id) ? { name: 'return at the unit', short: 'return duct' } : {}),
      })),
    ],
  };
}

const VARIANTS = new Map<string, Layout>();

/**
 * The air path of a unit with its filters where they are. A make-up air unit has no return grille: its filter stays inside.
 *
 * @example layoutOf({ layout: 'airHandler', filterPlace: 'atGrilles' }).stages[0].kind // 'filter'
 */
export function layoutOf({ layout, filterPlace }: { layout: LayoutId; filterPlace?: FilterPlace | null }): Layout {
  const plain = LAYOUTS[layout];
  if (!filterPlace || filterPlace === 'atUnit' || layout === 'makeUpAir') return plain;
  const key = `${layout} ${filterPlace}`;
  let variant = VARIANTS.get(key);
  if (!variant) VARIANTS.set(key, (variant = withGrilleFilters(plain, filterPlace)));
  return variant;
}

/** The ports between which the external static lies: one for a unit that takes its air from outdoors. */
export const boundaryPorts = ({ inletPort, outletPort }: Layout): PortId[] =>
  inletPort ? [inletPort, outletPort] : [outletPort];

/** The port plan of a layout, or undefined when that layout has no such port. */
export function portOf(layout: Layout, id: PortId): PortPlan | undefined {
  return layout.ports.find((port) => port.id === id);
}
