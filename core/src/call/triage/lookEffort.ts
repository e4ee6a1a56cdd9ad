import type { Effort } from './effort';

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
  speedLead: { area: 'speed', minutes: 10, money: 0 },
  dehumidify: { area: 'speed', minutes: 5, money: 0 },
  rotation: { area: 'blower', minutes: 10, money: 0 },
  filter: { area: 'filter', minutes: 5, money: 12 },
  secondFilter: { area: 'filter', minutes: 5, money: 0 },
  light: { area: 'filter', minutes: 5, money: 12 },
  coilFace: { area: 'coil', minutes: 60, money: 25 },
  drain: { area: 'coil', minutes: 25, money: 0 },
  dampers: { area: 'ducts', minutes: 15, money: 0 },
  returnSize: { area: 'ducts', minutes: 120, money: 90 },
  ducts: { area: 'ducts', minutes: 60, money: 60 },
  noise: { area: 'blower', minutes: 20, money: 0 },
  smell: { area: 'safety', minutes: 15, money: 0 },
};
