import { inputFaults, MOVES, type Move } from '@huff/core';
import { ListRow, ListSection } from '../../ui/list';
import { minutesText, moneyText } from '../../ui/text/effortText';
import type { SectionProps } from './editing';
import { EFFORT_FORM, withEffort } from './shopForms';

/** A drive setting is priced by its parts. */
const PRICED = MOVES.filter((move) => move.id !== 'setDrive');

/** What each move takes here: minutes and money, the usual until the shop says otherwise. */
export function EffortSection({ shop, onEdit }: SectionProps) {
  const ownOf = (move: Move) => shop.moves.find((one) => one.move === move.id);
  const edit = (move: Move) => {
    const own = ownOf(move);
    const { minutes, cost } = own ?? move;
    onEdit({
      title: move.name,
      set: EFFORT_FORM,
      begin: { minutes, cost },
      faultsOf: (raw) => inputFaults(EFFORT_FORM, raw),
      keep: (raw) => withEffort(shop, move.id, raw),
      remove: own && {
        words: `Back to default: ${minutesText(move.minutes)}, ${moneyText(move.cost, shop.currency)}`,
        shop: () => ({ ...shop, moves: shop.moves.filter((one) => one.move !== move.id) }),
      },
    });
  };
  return (
    <ListSection title="Minutes and cost by fix">
      {PRICED.map((move) => {
        const own = ownOf(move);
        const { minutes, cost } = own ?? move;
        const says = `${minutesText(minutes)} · ${moneyText(cost, shop.currency)}`;
        const under = own ? 'set by the shop' : 'the usual';
        const label = `${move.name}: ${says}, ${under}. Change`;
        return (
          <ListRow
            key={move.id}
            name={move.name}
            says={says}
            under={under}
            figure
            label={label}
            onPress={() => edit(move)}
          />
        );
      })}
    </ListSection>
  );
}
