import type { LayoutId } from '../../air/system';

/** What can be opened at a unit, or gone to. */
export const PANEL_IDS = ['filterDoor', 'coilPanel', 'blowerDoor', 'ducts', 'outdoorUnit'] as const;
export type PanelId = (typeof PANEL_IDS)[number];

/** A panel: what is behind it, what opening it does, what it takes. */
export interface Panel {
  readonly id: PanelId;
  readonly name: string;
  /** Things to look at behind it. */
  readonly items: readonly string[];
  /** Air goes in or out there while it is off. */
  readonly letsAirIn: boolean;
  /** Its switch stops the blower. */
  readonly hasSwitch: boolean;
  /** Things behind it that a hand goes in for: the wheel turns there, or live parts are bare. */
  readonly handsIn: readonly string[];
  readonly minutes: number;
}

const PANELS: Readonly<Record<PanelId, Panel>> = {
  filterDoor: {
    id: 'filterDoor',
    name: 'Filter door',
    items: ['filter', 'secondFilter'],
    letsAirIn: true,
    hasSwitch: false,
    handsIn: [],
    minutes: 1,
  },
  coilPanel: {
    id: 'coilPanel',
    name: 'Coil panel',
    items: ['ice', 'coilFace'],
    letsAirIn: true,
    hasSwitch: false,
    handsIn: ['coilFace'],
    minutes: 3,
  },
  blowerDoor: {
    id: 'blowerDoor',
    name: 'Blower door',
    items: ['wheel', 'rotation', 'belt', 'speedLead', 'dehumidify'],
    letsAirIn: true,
    hasSwitch: true,
    handsIn: ['wheel', 'belt', 'speedLead', 'dehumidify'],
    minutes: 1,
  },
  ducts: {
    id: 'ducts',
    name: 'Ducts and registers',
    items: ['dampers', 'ducts', 'returnSize'],
    letsAirIn: false,
    hasSwitch: false,
    handsIn: [],
    minutes: 2,
  },
  outdoorUnit: {
    id: 'outdoorUnit',
    name: 'Outdoor unit',
    items: ['outdoorCoil'],
    letsAirIn: false,
    hasSwitch: false,
    handsIn: [],
    minutes: 2,
  },
};

/** Things that only some motors have. */
const ONLY_AT: Readonly<Record<string, (motor: string) => boolean>> = {
  belt: (motor) => motor === 'beltDrive',
  speedLead: (motor) => motor !== 'beltDrive',
  dehumidify: (motor) => motor === 'constantAirflow',
};

/** The panels of a unit, with what is behind each of them here. */
export function panelsOf({ layout, motor }: { readonly layout: LayoutId; readonly motor: string }): readonly Panel[] {
  return PANEL_IDS.filter((id) => id !== 'outdoorUnit' || layout !== 'makeUpAir').map((id) => {
    const panel = PANELS[id];
    const isHere = (item: string) => ONLY_AT[item]?.(motor) ?? true;
    return { ...panel, items: panel.items.filter(isHere), handsIn: panel.handsIn.filter(isHere) };
  });
}
