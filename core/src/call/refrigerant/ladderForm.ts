import type { FieldSet, ToolUnit } from '../../base/forms/tool';
import { REFRIGERANTS } from './refrigerants';

const optional = (label: string, unit: ToolUnit, min: number, max: number, hint?: string) =>
  ({ kind: 'number', label, unit, min, max, optional: true, hint }) as const;
const options = (...list: readonly (readonly [string, string])[]) => list.map(([id, text]) => ({ id, text }));

/** Readings of one circuit at one time. Nothing is needed; each gap is told as soon as its two marks are there. */
export const LADDER_FORM = {
  fields: {
    circuit: { kind: 'choice', label: 'Circuit', options: options(['1', '1'], ['2', '2'], ['3', '3']) },
    refrigerant: {
      kind: 'choice',
      label: 'Nameplate refrigerant',
      options: REFRIGERANTS.map((id) => ({ id, text: id })),
    },
    metering: {
      kind: 'choice',
      label: 'Metering',
      options: [
        { id: 'valve', text: 'expansion valve' },
        { id: 'orifice', text: 'fixed orifice' },
      ],
    },
    highPort: {
      kind: 'choice',
      label: 'High side port',
      options: [
        { id: 'liquid', text: 'liquid port' },
        { id: 'discharge', text: 'discharge port' },
      ],
    },
    suctionPsig: optional('Suction pressure', 'psig', -14, 400),
    highPsig: optional('High side pressure', 'psig', -14, 800),
    suctionLineF: optional('Suction line', 'degF', -40, 150, 'At the outdoor unit, clamp insulated.'),
    liquidLineF: optional('Liquid line', 'degF', -20, 180, 'At the outdoor unit.'),
    outdoorF: optional('Outdoors', 'degF', -40, 130, 'Air entering the outdoor coil, in the shade.'),
    returnF: optional('Return air', 'degF', 30, 110),
    supplyF: optional('Supply air', 'degF', 30, 180, 'In heating, strips off.'),
    returnWetBulbF: optional('Return wet bulb', 'degF', 30, 95),
    minutesRunning: optional('Minutes since start', 'minutes', 0, 600),
    plateSubcoolingF: optional('Nameplate subcooling', 'deltaF', 0, 30),
    plateSuperheatF: optional('Nameplate superheat', 'deltaF', 0, 40),
    chartOutdoorF: {
      kind: 'list',
      label: 'Chart outdoor temperatures',
      unit: 'degF',
      min: -20,
      max: 130,
      least: 2,
      most: 12,
      optional: true,
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
    drierInF: optional('Line before the drier', 'degF', -20, 180),
    drierOutF: optional('Line after the drier', 'degF', -20, 180),
    distributorF: {
      kind: 'list',
      label: 'Distributor circuits',
      unit: 'degF',
      min: -20,
      max: 120,
      least: 2,
      most: 16,
      optional: true,
    },
    legAmps: {
      kind: 'list',
      label: 'Compressor amps',
      unit: 'amps',
      min: 0,
      max: 300,
      least: 1,
      most: 3,
      optional: true,
    },
    plateAmps: optional('Rated load amps (RLA)', 'amps', 0.5, 300),
    weighedOz: {
      kind: 'list',
      label: 'Charge added, oz',
      unit: 'count',
      min: -1600,
      max: 1600,
      least: 1,
      most: 20,
      optional: true,
    },
    plateChargeOz: optional('Nameplate charge, oz', 'count', 1, 1600),
  },
} as const satisfies FieldSet;
