import { ListRow, ListSection } from '../../ui/list';
import { Txt } from '../../ui/text';
import { moneyText } from '../../ui/text/effortText';
import type { SectionProps } from './editing';
import { PART_LIST_FORM, partInputs, partListFaults, partOfForm } from './partForms';

/** Filters, capacitors, contactors and whatever else the shop has, or knows where to buy. */
export function PartSection({ shop, onEdit }: SectionProps) {
  const { currency } = shop;
  const parts = shop.parts ?? [];
  const edit = (id?: string) => {
    const part = parts.find((one) => one.id === id);
    const others = parts.filter((one) => one.id !== id);
    onEdit({
      title: part?.name ?? 'New part',
      set: PART_LIST_FORM,
      begin: part ? partInputs(part) : { kind: 'filter' },
      faultsOf: partListFaults,
      keep: (raw) => ({ ...shop, parts: [...others, partOfForm(raw, part)] }),
      remove: part && { words: 'Remove', shop: () => ({ ...shop, parts: others }) },
    });
  };
  return (
    <ListSection title="Other parts" onAdd={() => edit()} add="Add a part">
      {parts.map(({ id, kind, name, cost, onTruck }) => {
        const says = moneyText(cost, currency);
        const under = `${kind} · ${onTruck ? 'on the truck' : 'to buy'}`;
        return (
          <ListRow
            key={id}
            name={name}
            says={says}
            under={under}
            figure
            label={`${name}: ${says}, ${under}. Change`}
            onPress={() => edit(id)}
          />
        );
      })}
      {parts.length === 0 && (
        <Txt size={15} color="softInk">
          Filters, capacitors and contactors for visits and the truck load.
        </Txt>
      )}
    </ListSection>
  );
}
