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
  label: 'Nameplate max static',
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
    label: 'Target per ton',
    unit: 'cfmPerTon',
    range: LIMITS.cfmPerTon,
    hint: 'Lower in humid climates, higher in dry ones. Set under Settings.',
    unsaid: '',
    read: (unit) => unit.cfmPerTon,
    write: (unit, value) => (value === null ? unit : { ...unit, cfmPerTon: value }),
  },
  {
    ...ofSetup('designCfm'),
    label: 'Design airflow',
    unit: 'cfm',
    range: LIMITS.flowCfm,
    hint: 'If known, it overrides tons × CFM per ton.',
    unsaid: 'by the tons',
  },
  {
    ...ofSetup('altitudeFt'),
    label: 'Altitude',
    unit: 'ft',
    range: LIMITS.altitudeFt,
    hint: 'Thin air carries less heat. It comes from the site.',
    unsaid: 'sea level assumed',
  },
  {
    ...ofSetup('lineVolts'),
    label: 'Line volts',
    unit: 'volts',
    range: LIMITS.volts,
    hint: 'At low volts a PSC motor runs slower and a heater heats less.',
    unsaid: 'not read',
  },
  {
    ...ofSetup('riseMinF'),
    label: 'Nameplate rise, lowest',
    unit: 'deltaF',
    range: LIMITS.riseF,
    hint: 'Furnace: the rise must be within the nameplate range.',
    unsaid: 'not read',
  },
  { ...ofSetup('riseMaxF'), label: 'Nameplate rise, highest', unit: 'deltaF', range: LIMITS.riseF, unsaid: 'not read' },
  {
    ...ofSetup('effectiveLengthFt'),
    label: 'Effective duct length',
    unit: 'ft',
    range: LIMITS.lengthFt,
    hint: 'Used to check the static left for ducts.',
    unsaid: 'not measured',
  },
];
