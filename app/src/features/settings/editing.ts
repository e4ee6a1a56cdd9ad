import type { ShopDto } from '@huff/contract/fix';
import type { FieldError, FieldSet, RawInputs } from '@huff/core';

/** A thing of the shop that is being edited: its form, and the shop as it is once kept or removed. */
export interface Editing {
  readonly title: string;
  readonly set: FieldSet;
  readonly begin: RawInputs;
  readonly faultsOf: (raw: RawInputs) => readonly FieldError[];
  readonly keep: (raw: RawInputs) => ShopDto;
  readonly remove?: { readonly words: string; readonly shop: () => ShopDto };
}

/** What a section of the shop's page works on. */
export interface SectionProps {
  readonly shop: ShopDto;
  readonly onEdit: (editing: Editing) => void;
  /** The shop as it is to be from now on. */
  readonly onShop: (shop: ShopDto) => void;
}
