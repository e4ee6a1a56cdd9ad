import { shownText, shownWords } from '@huff/core';
import { ListRow, ListSection } from '../../ui/list';
import { Txt } from '../../ui/text';
import { moneyText } from '../../ui/text/effortText';
import type { SectionProps } from './editing';
import { SHEAVE_FORM, sheaveFaults, sheaveInputs, sheaveOf } from './shopForms';

/** The sheaves the shop has, or knows where to buy. */
export function SheaveSection({ shop, onEdit }: SectionProps) {
  const { sheaves, currency } = shop;
  const edit = (id?: string) => {
    const part = sheaves.find((one) => one.id === id);
    const others = sheaves.filter((one) => one.id !== id);
    onEdit({
      title: part ? `Sheave: ${part.name}` : 'New sheave',
      set: SHEAVE_FORM,
      begin: part ? sheaveInputs(part) : {},
      faultsOf: sheaveFaults,
      keep: (raw) => ({ ...shop, sheaves: [...others, sheaveOf(raw, part?.id, part)] }),
      remove: part && { words: 'Remove', shop: () => ({ ...shop, sheaves: others }) },
    });
  };
  return (
    <ListSection title="Sheaves" onAdd={() => edit()} add="Add a sheave">
      {sheaves.map(({ id, name, cost, fits, pitchIn, mostPitchIn, onTruck }) => {
        const says = moneyText(cost, currency);
        const size = mostPitchIn
          ? `${shownText(pitchIn, 'in')} to ${shownWords(mostPitchIn, 'in')}`
          : shownWords(pitchIn, 'in');
        const under = `${fits} · ${size} · ${onTruck ? 'on the truck' : 'to buy'}`;
        const label = `${name}: ${says}, ${under}. Change`;
        return <ListRow key={id} name={name} says={says} under={under} figure label={label} onPress={() => edit(id)} />;
      })}
      {sheaves.length === 0 && (
        <Txt size={15} color="softInk">
          Huff uses truck stock before parts you must buy.
        </Txt>
      )}
    </ListSection>
  );
}
