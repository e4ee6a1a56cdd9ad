import { chartFault } from '../refrigerant/targets';
import type { FieldError, FieldSet, RawInputs } from '../../base/forms';
import { inputFaults } from '../../base/forms/solveTool';

/** What stands on a unit's nameplate, beside its maximum static. All of it may be unreadable. */
export const PLATE_FORM = {
  fields: {
    model: { kind: 'text', label: 'Model number', most: 40, optional: true },
    serial: { kind: 'text', label: 'Serial number', most: 40, optional: true },
    year: { kind: 'number', label: 'Year', unit: 'year', min: 1950, max: 2100, optional: true },
    volts: { kind: 'number', label: 'Volts', unit: 'volts', min: 90, max: 700, optional: true },
    phases: {
      kind: 'choice',
      label: 'Supply',
      options: [
        { id: 'unknown', text: 'not known' },
        { id: 'one', text: 'single-phase' },
        { id: 'three', text: 'three-phase' },
      ],
    },
    amps: { kind: 'number', label: 'Unit amps', unit: 'amps', min: 0.1, max: 2000, optional: true },
    minCircuitAmps: { kind: 'number', label: 'Minimum circuit', unit: 'amps', min: 0.1, max: 2000, optional: true },
    breakerAmps: { kind: 'number', label: 'Breaker', unit: 'amps', min: 1, max: 2000, optional: true },
    heatKitKw: { kind: 'number', label: 'Heat kit, kW', unit: 'count', min: 0.5, max: 500, optional: true },
    refrigerant: { kind: 'text', label: 'Refrigerant', most: 16, optional: true },
    metering: {
      kind: 'choice',
      label: 'Metering',
      options: [
        { id: 'unknown', text: 'not known' },
        { id: 'orifice', text: 'fixed orifice' },
        { id: 'valve', text: 'expansion valve' },
      ],
    },
    subcoolingF: { kind: 'number', label: 'Target subcooling', unit: 'deltaF', min: 0, max: 30, optional: true },
    superheatF: { kind: 'number', label: 'Target superheat', unit: 'deltaF', min: 0, max: 40, optional: true },
    chartOutdoorF: {
      kind: 'list',
      label: 'Chart outdoor temperatures',
      unit: 'degF',
      min: -20,
      max: 130,
      least: 2,
      most: 12,
      optional: true,
      hint: 'Lowest first, with commas.',
    },
    chartAskedF: {
      kind: 'list',
      label: 'Chart target subcooling',
      unit: 'deltaF',
      min: 0,
      max: 40,
      least: 2,
      most: 12,
      optional: true,
    },
    chargeLb: { kind: 'number', label: 'Charge, lb', unit: 'count', min: 0.1, max: 500, optional: true },
  },
} as const satisfies FieldSet;

/** What is wrong with a plate: its fields, and a charging chart whose rows are out of order. */
export function plateFaults(raw: RawInputs): FieldError[] {
  const faults = inputFaults(PLATE_FORM, raw);
  const list = (value: unknown) => (Array.isArray(value) ? (value as number[]) : []);
  if (faults.length > 0) return faults;
  const message = chartFault(list(raw.chartOutdoorF), list(raw.chartAskedF));
  return message ? [{ field: 'chartOutdoorF', message }] : [];
}
