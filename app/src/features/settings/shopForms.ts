import { LIMITS } from '@huff/contract';
import type { BeltPartDto, ShopDto, SheavePartDto } from '@huff/contract/fix';
import { inputFaults, readBeltMark, type FieldError, type FieldSet, type RawInputs } from '@huff/core';
import { v4 as uuid } from 'uuid';

export const ON_TRUCK = {
  kind: 'choice',
  label: 'Where',
  options: [
    { id: 'truck', text: 'on the truck' },
    { id: 'bought', text: 'to buy' },
  ],
} as const;
export const COST = { kind: 'number', label: 'Cost', unit: 'count', ...LIMITS.cost } as const;

export const ENERGY_FORM = {
  fields: {
    currency: { kind: 'text', label: 'Currency symbol', most: 4 },
    tariffPerKwh: {
      kind: 'number',
      label: 'Electricity, per kWh',
      unit: 'factor',
      ...LIMITS.tariffPerKwh,
      optional: true,
    },
    hoursAYear: {
      kind: 'number',
      label: 'Yearly blower hours',
      unit: 'count',
      ...LIMITS.hoursAYear,
      optional: true,
    },
    laborAnHour: { kind: 'number', label: 'Labor, per hour', unit: 'count', ...LIMITS.laborAnHour, optional: true },
  },
} as const satisfies FieldSet;

export const EFFORT_FORM = {
  fields: { minutes: { kind: 'number', label: 'Minutes', unit: 'count', ...LIMITS.minutes }, cost: COST },
} as const satisfies FieldSet;

export const SHEAVE_FORM = {
  fields: {
    name: { kind: 'text', label: 'Name', most: LIMITS.nameLength.max },
    fits: {
      kind: 'choice',
      label: 'For the',
      options: [
        { id: 'motor', text: 'motor' },
        { id: 'blower', text: 'blower' },
      ],
    },
    kind: {
      kind: 'choice',
      label: 'Kind',
      options: [
        { id: 'fixed', text: 'fixed' },
        { id: 'adjustable', text: 'adjustable' },
      ],
    },
    pitchIn: { kind: 'number', label: 'Pitch diameter open', unit: 'in', ...LIMITS.pitchIn },
    mostPitchIn: { kind: 'number', label: 'Pitch diameter closed', unit: 'in', ...LIMITS.pitchIn },
    turns: { kind: 'number', label: 'Closed to open', unit: 'turns', ...LIMITS.turns },
    grooves: { kind: 'number', label: 'Grooves', unit: 'count', ...LIMITS.grooves, assumed: 1 },
    where: ON_TRUCK,
    cost: COST,
  },
  hides: (raw: RawInputs) => (raw.kind === 'adjustable' ? [] : ['mostPitchIn', 'turns']),
} as const satisfies FieldSet;

export const BELT_FORM = {
  fields: { mark: { kind: 'text', label: 'Mark', most: 12, hint: 'A48, BX60, 4L500' }, where: ON_TRUCK, cost: COST },
} as const satisfies FieldSet;

/** What is wrong with a sheave as typed: an adjustable one is larger closed than open. */
export function sheaveFaults(raw: RawInputs): FieldError[] {
  const faults = inputFaults(SHEAVE_FORM, raw);
  if (faults.length > 0 || raw.kind !== 'adjustable') return faults;
  return Number(raw.mostPitchIn) > Number(raw.pitchIn)
    ? []
    : [{ field: 'mostPitchIn', message: 'Closed, the sheave must be larger than open.' }];
}

export function beltFaults(raw: RawInputs): FieldError[] {
  const faults = inputFaults(BELT_FORM, raw);
  if (faults.length > 0) return faults;
  return typeof raw.mark === 'string' && readBeltMark(raw.mark)
    ? []
    : [
        {
          field: 'mark',
          message: 'Huff does not know this belt size. Type it like A48, AX48, B60, BX60, 4L500 or 5L630.',
        },
      ];
}

const number = (value: unknown, otherwise = 0) => (typeof value === 'number' ? value : otherwise);
const text = (value: unknown) => (typeof value === 'string' ? value : '');

/** A sheave behind what was typed; a known one keeps its id. */
export function sheaveOf(raw: RawInputs, id?: string, known?: SheavePartDto): SheavePartDto {
  const adjustable = raw.kind === 'adjustable';
  return {
    ...known,
    id: id ?? uuid(),
    name: text(raw.name),
    fits: raw.fits === 'blower' ? 'blower' : 'motor',
    pitchIn: number(raw.pitchIn),
    mostPitchIn: adjustable ? number(raw.mostPitchIn) : null,
    turns: adjustable ? number(raw.turns) : null,
    grooves: number(raw.grooves, 1),
    onTruck: raw.where !== 'bought',
    cost: number(raw.cost),
  };
}

export const sheaveInputs = ({
  mostPitchIn,
  turns,
  onTruck,
  counted: _counted,
  countedAt: _countedAt,
  ...part
}: SheavePartDto): RawInputs => ({
  ...part,
  kind: mostPitchIn ? 'adjustable' : 'fixed',
  mostPitchIn,
  turns,
  where: onTruck ? 'truck' : 'bought',
});

export const beltOfForm = (raw: RawInputs, known?: BeltPartDto): BeltPartDto => ({
  ...known,
  mark: text(raw.mark).toUpperCase(),
  onTruck: raw.where !== 'bought',
  cost: number(raw.cost),
});

export const beltInputs = ({ mark, onTruck, cost }: BeltPartDto): RawInputs => ({
  mark,
  cost,
  where: onTruck ? 'truck' : 'bought',
});

/** The shop with other minutes and money for a move; those of before go. */
export const withEffort = (shop: ShopDto, move: string, raw: RawInputs): ShopDto => ({
  ...shop,
  moves: [
    ...shop.moves.filter((one) => one.move !== move),
    { move, minutes: number(raw.minutes), cost: number(raw.cost) },
  ],
});
