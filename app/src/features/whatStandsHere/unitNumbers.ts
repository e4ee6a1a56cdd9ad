import { LIMITS, type SetupDto, type UnitFactsDto } from '@huff/contract';
import type { ToolUnit } from '@huff/core';

/** A number of a unit that is typed on the keypad: where it stands, what it is called, and what it is for. */
export interface UnitNumber {
  readonly id: string;
  readonly label: string;
  readonly unit: ToolUnit;
  readonly range: { readonly min: number; readonly max: number };
  readonly hint?: string;
  /** What stands in its place while nobody said it. */
  readonly unsaid: string;
  readonly read: (unit: UnitFactsDto) => number | null | undefined;
  readonly write: <U extends UnitFactsDto>(unit: U, value: number | null) => U;
}

const ofSetup = (
  key: { [K in keyof SetupDto]-?: NonNullable<SetupDto[K]> extends number ? K : never }[keyof SetupDto],
) => ({
  id: key,
  read: (unit: UnitFactsDto) => unit.setup?.[key],
  write: <U extends UnitFactsDto>(unit: U, value: number | null): U => ({
    ...unit,
    setup: { ...unit.setup, [key]: value },
  }),
});

const PLATE: UnitNumber = {
  id: 'maxTespInWc',
  label: 'Plate’s maximum static',
  unit: 'inWc',
  range: LIMITS.maxTespInWc,
  hint: 'On the nameplate as maximum external static pressure.',
  unsaid: 'assumed',
  read: (unit) => unit.maxTespInWc,
  write: (unit, value) => ({ ...unit, maxTespInWc: value }),
};

export const TONS: UnitNumber = {
  id: 'tons',
  label: 'Nominal tons',
  unit: 'tons',
  range: LIMITS.tons,
  unsaid: 'say',
  read: (unit) => unit.tons,
  write: (unit, value) => ({ ...unit, tons: value }),
};

/** In sight always: what the static is held against. */
export const FIRST_NUMBERS: readonly UnitNumber[] = [PLATE];

/** What sharpens an answer: each with what it is good for. */
export const MORE_NUMBERS: readonly UnitNumber[] = [
  {
    id: 'cfmPerTon',
    label: 'Target a ton',
    unit: 'cfmPerTon',
    range: LIMITS.cfmPerTon,
    hint: 'Less in humid climates, more in dry ones. The shop’s rules give it.',
    unsaid: '',
    read: (unit) => unit.cfmPerTon,
    write: (unit, value) => (value === null ? unit : { ...unit, cfmPerTon: value }),
  },
  {
    ...ofSetup('designCfm'),
    label: 'Design airflow',
    unit: 'cfm',
    range: LIMITS.flowCfm,
    hint: 'If known it goes before tons × airflow a ton.',
    unsaid: 'by the tons',
  },
  {
    ...ofSetup('altitudeFt'),
    label: 'Altitude',
    unit: 'ft',
    range: LIMITS.altitudeFt,
    hint: 'Thin air carries less heat: it comes from the site.',
    unsaid: 'sea level assumed',
  },
  {
    ...ofSetup('lineVolts'),
    label: 'Line volts',
    unit: 'volts',
    range: LIMITS.volts,
    hint: 'A PSC motor turns slower on less; a heater heats less.',
    unsaid: 'not read',
  },
  {
    ...ofSetup('riseMinF'),
    label: 'Plate’s rise, lowest',
    unit: 'deltaF',
    range: LIMITS.riseF,
    hint: 'Of a furnace: its rise must lie between two figures of the plate.',
    unsaid: 'not read',
  },
  { ...ofSetup('riseMaxF'), label: 'Plate’s rise, highest', unit: 'deltaF', range: LIMITS.riseF, unsaid: 'not read' },
  {
    ...ofSetup('effectiveLengthFt'),
    label: 'Effective length of the ducts',
    unit: 'ft',
    range: LIMITS.lengthFt,
    hint: 'For the school that asks what is left for the ducts.',
    unsaid: 'not measured',
  },
];
