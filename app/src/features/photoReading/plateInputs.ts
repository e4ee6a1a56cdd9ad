import type { PlateFieldId, PlateReading } from '@huff/core/photo';
import { LIMITS, type UnitFactsDto } from '@huff/contract';
import { beltDriveFaults, inputFaults, MOTOR_PLATE_FORM, toolText, type RawInputs } from '@huff/core';

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
export const isKept = ({ id }: Pick<PlateReading, 'id'>): boolean =>
  id in FORM_FIELD || id === 'maxTespInWc' || id in UNIT_FACT;

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

type Setup = NonNullable<UnitFactsDto['setup']>;
type Confirmed = Pick<PlateReading, 'id' | 'value'>;

const within = (value: number, { min, max }: { readonly min: number; readonly max: number }) =>
  value >= min && value <= max;
/** Both figures of a pair, where both can be. */
const pairIn = (text: string, range: { readonly min: number; readonly max: number }) => {
  const [a = NaN, b = NaN] = text.split(/[x-]/).map(Number);
  return within(a, range) && within(b, range) ? ([a, b] as const) : undefined;
};

/** What of a unit each reading says that has no place in the nameplate form; undefined for what cannot be. */
const UNIT_FACT: Readonly<Partial<Record<PlateFieldId, (value: string, setup: Setup) => Partial<Setup> | undefined>>> =
  {
    riseF: (value) => {
      const rise = pairIn(value, LIMITS.riseF);
      return rise && rise[0] < rise[1] ? { riseMinF: rise[0], riseMaxF: rise[1] } : undefined;
    },
    filterSize: (value) => {
      const sides = pairIn(value, LIMITS.filterSideIn);
      return sides && { filterWidthIn: sides[0], filterHeightIn: sides[1] };
    },
    horsepower: (value, { motorPlate }) => {
      const plate = { ...motorPlate, ratedHp: Number(value) };
      return inputFaults(MOTOR_PLATE_FORM, plate).length === 0 ? { motorPlate: plate } : undefined;
    },
    beltMark: (value, { drive }) => {
      const withMark = { ...drive, beltMark: value };
      return beltDriveFaults(withMark).length === 0 ? { drive: withMark } : undefined;
    },
  };

/** The unit with what was read of it and confirmed: its largest static, its rise, its filter, its motor, its belt. What cannot be is left as it was. */
export function withPlateFacts(unit: UnitFactsDto, fields: readonly Confirmed[]): UnitFactsDto {
  return fields.reduce((now, { id, value }): UnitFactsDto => {
    if (id === 'maxTespInWc')
      return within(Number(value), LIMITS.maxTespInWc) ? { ...now, maxTespInWc: Number(value) } : now;
    const fact = UNIT_FACT[id]?.(value, now.setup ?? {});
    return fact ? { ...now, setup: { ...now.setup, ...fact } } : now;
  }, unit);
}

/** A reading as it is shown: a static in the reader’s own unit, all else as it is printed. */
export const readingText = ({ id, value }: Pick<PlateReading, 'id' | 'value'>): string => {
  if (id === 'maxTespInWc') return toolText(Number(value), 'inWc');
  if (id === 'phases') return value === 'three' ? 'three-phase' : 'single-phase';
  return value;
};
