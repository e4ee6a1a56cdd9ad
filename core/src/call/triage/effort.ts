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

/** What something found usually takes, and where it stands in the order of work (J). */
export interface Effort {
  readonly area: TriageArea;
  readonly minutes: number;
  /** Usual price of the part, dollars. */
  readonly money: number;
}
