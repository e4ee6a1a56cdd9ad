import { CALL_ODDS_FORM, RULES_FORM, SHOP_CARD_FORM } from '@huff/core/first';
import type { ShopDto } from '../shop';
import { formEntries, type RecordDescription } from './field';

export const shop: RecordDescription<ShopDto> = {
  name: 'Shop',
  table: 'shop_figures',
  fields: {
    currency: { label: 'Currency', isAlwaysTold: true },
    tariffPerKwh: { label: 'Electricity, per kWh', isAlwaysTold: true },
    hoursAYear: { label: 'Hours a year', isAlwaysTold: true },
    laborAnHour: { label: 'Labor, per hour' },
    rules: { label: 'Targets and limits', as: 'json', entries: formEntries(RULES_FORM) },
    odds: { label: 'Odds', as: 'json', entries: formEntries(CALL_ODDS_FORM) },
    card: { label: 'Card', as: 'json', entries: formEntries(SHOP_CARD_FORM) },
    logo: { label: 'Logo' },
    moves: { label: 'Moves', as: 'json', items: { key: 'move', label: 'Minutes and money' }, isAlwaysTold: true },
    sheaves: { label: 'Sheaves', as: 'json', items: { key: 'id', label: 'Sheave' }, isAlwaysTold: true },
    belts: {
      label: 'Belts',
      as: 'json',
      items: { key: 'mark', label: 'Belt', isNamedByKey: true },
      isAlwaysTold: true,
    },
    parts: { label: 'Parts', as: 'json', items: { key: 'id', label: 'Part' } },
  },
};
