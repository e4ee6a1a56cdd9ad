export type { Act, TimedAct } from './acts';
export { type Cabinet, cabinetAfter, cabinetNow, cabinetOf, conditionOf, HINT_MINUTES } from './cabinet';
export { meterShows } from './meterShows';
export { type Panel, PANEL_IDS, type PanelId, panelsOf } from './panels';
