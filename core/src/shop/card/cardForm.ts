import type { FieldSet } from '../../base/forms/tool';

const line = (label: string, most: number, hint?: string) =>
  ({ kind: 'text', label, most, optional: true, hint }) as const;

/** Who comes: what stands at the head of the page that the customer keeps. */
export const SHOP_CARD_FORM = {
  fields: {
    name: line('Shop name', 80),
    address: line('Address', 120),
    phone: line('Phone', 40),
    licence: line('License', 40, 'As printed on your license.'),
    technician: line('Technician', 80, 'Signs this shop’s reports.'),
    payment: line('Payment terms', 160, 'At the bottom of the page, like “Due in 14 days.”'),
  },
} as const satisfies FieldSet;

export type ShopCard = Readonly<Partial<Record<keyof (typeof SHOP_CARD_FORM)['fields'], string | null>>>;
