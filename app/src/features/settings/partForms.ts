import { LIMITS } from '@huff/contract';
import { OTHER_PART_KINDS, type ShopPartDto } from '@huff/contract/fix';
import { inputFaults, type FieldError, type FieldSet, type RawInputs } from '@huff/core';
import { v4 as uuid } from 'uuid';
import { COST, ON_TRUCK } from './shopForms';

export const PART_LIST_FORM = {
  fields: {
    kind: { kind: 'choice', label: 'Kind', options: OTHER_PART_KINDS.map((id) => ({ id, text: id })) },
    name: { kind: 'text', label: 'Name', most: LIMITS.nameLength.max },
    widthIn: { kind: 'number', label: 'Frame width', unit: 'in', ...LIMITS.filterSideIn },
    heightIn: { kind: 'number', label: 'Frame height', unit: 'in', ...LIMITS.filterSideIn },
    microfarads: { kind: 'number', label: 'Rating, µF', unit: 'count', ...LIMITS.microfarads },
    where: ON_TRUCK,
    cost: COST,
  },
  hides: ({ kind }: RawInputs) => [
    ...(kind === 'filter' ? [] : ['widthIn', 'heightIn']),
    ...(kind === 'capacitor' ? [] : ['microfarads']),
  ],
} as const satisfies FieldSet;

export const partListFaults = (raw: RawInputs): FieldError[] => inputFaults(PART_LIST_FORM, raw);

const number = (value: unknown) => (typeof value === 'number' ? value : null);

/** A part behind what was typed; a known one keeps its id and its count. */
export function partOfForm(raw: RawInputs, known?: ShopPartDto): ShopPartDto {
  const kind = OTHER_PART_KINDS.find((one) => one === raw.kind) ?? 'other';
  return {
    ...known,
    id: known?.id ?? uuid(),
    kind,
    name: typeof raw.name === 'string' ? raw.name.trim() : '',
    widthIn: kind === 'filter' ? number(raw.widthIn) : null,
    heightIn: kind === 'filter' ? number(raw.heightIn) : null,
    microfarads: kind === 'capacitor' ? number(raw.microfarads) : null,
    onTruck: raw.where !== 'bought',
    cost: number(raw.cost) ?? 0,
  };
}

export const partInputs = ({ kind, name, widthIn, heightIn, microfarads, onTruck, cost }: ShopPartDto): RawInputs => ({
  kind,
  name,
  widthIn,
  heightIn,
  microfarads,
  cost,
  where: onTruck ? 'truck' : 'bought',
});
