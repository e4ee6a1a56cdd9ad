import type { PlateFieldId, PlateReading } from '@huff/core/photo';
import { LIMITS } from '@huff/contract';
import { toolText, type RawInputs } from '@huff/core';

/** The field of the nameplate form that each reading goes to; the others are shown only. */
const FORM_FIELD: Readonly<Partial<Record<PlateFieldId, string>>> = {
  model: 'model',
  serial: 'serial',
  year: 'year',
  volts: 'volts',
  phases: 'phases',
  ratedLoadAmps: 'amps',
  fullLoadAmps: 'amps',
  minCircuitAmps: 'minCircuitAmps',
  breakerAmps: 'breakerAmps',
  heaterKw: 'heatKitKw',
  refrigerant: 'refrigerant',
  chargeLb: 'chargeLb',
};
const TEXTS: ReadonlySet<PlateFieldId> = new Set(['model', 'serial', 'phases', 'refrigerant']);

/** Whether the nameplate form has a place for a reading, or the unit itself has. */
export const isKept = ({ id }: Pick<PlateReading, 'id'>): boolean => id in FORM_FIELD || id === 'maxTespInWc';

/** What goes into the nameplate form, of the readings that a person confirmed. The rated load goes before the motor’s. */
export function plateInputs(fields: readonly Pick<PlateReading, 'id' | 'value'>[]): RawInputs {
  const inputs: Record<string, string | number> = {};
  for (const { id, value } of fields) {
    const field = FORM_FIELD[id];
    if (field === undefined || (id === 'fullLoadAmps' && 'amps' in inputs)) continue;
    // What is no figure is left for the form, which says what to change.
    inputs[field] = TEXTS.has(id) || !Number.isFinite(Number(value)) ? value : Number(value);
  }
  return inputs;
}

/** The largest static of the unit, where it was read, confirmed and can be one. */
export const maxStaticOf = (fields: readonly Pick<PlateReading, 'id' | 'value'>[]): number | undefined => {
  const found = fields.find(({ id }) => id === 'maxTespInWc');
  const value = Number(found?.value ?? NaN);
  const { min, max } = LIMITS.maxTespInWc;
  return value >= min && value <= max ? value : undefined;
};

/** A reading as it is shown: a static in the reader’s own unit, all else as it is printed. */
export const readingText = ({ id, value }: Pick<PlateReading, 'id' | 'value'>): string => {
  if (id === 'maxTespInWc') return toolText(Number(value), 'inWc');
  if (id === 'phases') return value === 'three' ? 'three-phase' : 'single-phase';
  return value;
};
