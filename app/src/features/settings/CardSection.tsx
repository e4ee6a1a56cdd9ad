import { inputFaults, SHOP_CARD_FORM } from '@huff/core';
import { ListRow, ListSection } from '../../ui/list';
import type { SectionProps } from './editing';
import { LogoRow } from './LogoRow';

/** Who comes: the head of the page that the customer keeps. */
export function CardSection({ shop, onEdit, onShop }: SectionProps) {
  const card = shop.card ?? {};
  const says = card.name ?? 'not set';
  const under = [card.phone, card.licence && `License ${card.licence}`, card.technician].filter(Boolean).join(' · ');
  const open = () =>
    onEdit({
      title: 'Shop details',
      set: SHOP_CARD_FORM,
      begin: { ...card },
      faultsOf: (raw) => inputFaults(SHOP_CARD_FORM, raw),
      keep: (raw) => ({
        ...shop,
        card: Object.fromEntries(
          Object.keys(SHOP_CARD_FORM.fields).flatMap((id) => {
            const value = raw[id];
            return typeof value === 'string' && value.trim() !== '' ? [[id, value.trim()]] : [];
          }),
        ),
      }),
    });
  return (
    <ListSection title="Shop details">
      <ListRow
        name="Shop name"
        says={says}
        under={under === '' ? 'name, phone, license, technician, payment terms' : under}
        label={`Shop name: ${says}. Change`}
        onPress={open}
      />
      <LogoRow logo={shop.logo ?? undefined} onLogo={(logo) => onShop({ ...shop, logo })} />
    </ListSection>
  );
}
