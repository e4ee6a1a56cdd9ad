import { ListRow, ListSection } from '../../ui/list';
import { Txt } from '../../ui/text';
import { moneyText } from '../../ui/text/effortText';
import type { SectionProps } from './editing';
import { BELT_FORM, beltFaults, beltInputs, beltOfForm } from './shopForms';

/** The belts the shop has, or knows where to buy. */
export function BeltSection({ shop, onEdit }: SectionProps) {
  const { belts, currency } = shop;
  const edit = (mark?: string) => {
    const part = belts.find((one) => one.mark === mark);
    const others = (kept?: string) => belts.filter((one) => one.mark !== mark && one.mark !== kept);
    onEdit({
      title: part ? `Belt ${part.mark}` : 'New belt',
      set: BELT_FORM,
      begin: part ? beltInputs(part) : {},
      faultsOf: beltFaults,
      // A belt of another mark was not counted.
      keep: (raw) => {
        const { mark: kept } = beltOfForm(raw);
        return { ...shop, belts: [...others(kept), beltOfForm(raw, kept === part?.mark ? part : undefined)] };
      },
      remove: part && { words: 'Remove', shop: () => ({ ...shop, belts: others() }) },
    });
  };
  return (
    <ListSection title="Belts" onAdd={() => edit()} add="Add a belt">
      {belts.map(({ mark, cost, onTruck }) => {
        const says = moneyText(cost, currency);
        const under = onTruck ? 'on the truck' : 'to buy';
        const label = `${mark}: ${says}, ${under}. Change`;
        return (
          <ListRow key={mark} name={mark} says={says} under={under} figure label={label} onPress={() => edit(mark)} />
        );
      })}
      {belts.length === 0 && (
        <Txt size={15} color="softInk">
          Standard belt lengths can always be bought.
        </Txt>
      )}
    </ListSection>
  );
}
