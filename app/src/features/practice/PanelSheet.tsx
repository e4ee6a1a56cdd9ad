import { lookItem } from '@huff/core';
import { lookSeen, panelsOf, statesOfSight, type Cabinet, type PanelId, type PracticeCase } from '@huff/core/practice';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Choice } from '../../ui/form';
import { ActionButton, TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { drillStore } from './drillStore';
import { fixedCauses } from './fixedCauses';

interface PanelSheetProps {
  readonly practice: PracticeCase;
  readonly cabinet: Cabinet;
  readonly panel?: PanelId;
  readonly onSaid: (item: string, state: string) => void;
  readonly onClose: () => void;
}

/** Behind a panel: it is opened or closed, and what is there is looked at. */
export function PanelSheet({ panel, ...rest }: PanelSheetProps) {
  const plan = panelsOf(rest.practice).find(({ id }) => id === panel);
  if (!plan) return null;
  return (
    <Sheet open onClose={rest.onClose} title={plan.name}>
      <Behind key={plan.id} plan={plan} {...rest} />
    </Sheet>
  );
}

const nameOf = (item: string) => lookItem(item)?.name ?? 'Outdoor coil';

function Behind({
  plan,
  practice,
  cabinet,
  onSaid,
}: Omit<PanelSheetProps, 'panel'> & { readonly plan: ReturnType<typeof panelsOf>[number] }) {
  const palette = usePalette();
  const [item, setItem] = useState<string>();
  const { id, letsAirIn, hasSwitch, items } = plan;
  const isOpen = cabinet.open.has(id);
  const isPanel = letsAirIn;
  const move = (to: boolean) => drillStore.act({ kind: 'panel', panel: id, isOpen: to });
  const look = (thing: string) => {
    setItem(thing);
    drillStore.act({ kind: 'look', item: thing });
  };
  const fixed = fixedCauses(practice, cabinet);
  const sight = item === undefined ? undefined : lookSeen(practice, item, fixed);
  if (!isOpen)
    return (
      <View style={{ gap: 12 }}>
        <Txt>{isPanel ? 'It is on.' : 'Go there and look.'}</Txt>
        <ActionButton onPress={() => move(true)} aside={`${plan.minutes} min`}>
          {isPanel ? 'Take it off' : 'Go there'}
        </ActionButton>
      </View>
    );
  return (
    <View style={{ gap: 12 }}>
      {hasSwitch && (
        <Txt size={15} color="softInk">
          The door switch is open: the blower is off.
        </Txt>
      )}
      {items.map((thing) => (
        <View key={thing} style={{ borderTopWidth: 1, borderColor: palette.line, gap: 8, paddingVertical: 4 }}>
          <Pressable
            role="button"
            aria-label={`Look: ${nameOf(thing)}`}
            aria-expanded={item === thing}
            onPress={() => look(thing)}
            style={{ minHeight: 48, flexDirection: 'row', alignItems: 'center', gap: 10 }}
          >
            <Txt bold style={{ flex: 1 }}>
              {nameOf(thing)}
            </Txt>
            <Txt size={15} color="softInk">
              {cabinet.looked.get(thing) ?? (cabinet.looked.has(thing) ? 'looked at' : 'look')}
            </Txt>
          </Pressable>
          {item === thing && sight && (
            <>
              <Txt role="status">{sight.words}</Txt>
              <Choice
                label={`What you call it: ${nameOf(thing)}`}
                options={statesOfSight(thing)}
                chosen={cabinet.looked.get(thing) ?? null}
                onChoose={(state) => onSaid(thing, state)}
              />
            </>
          )}
        </View>
      ))}
      {id === 'filterDoor' && (
        <ActionButton quiet onPress={() => drillStore.act({ kind: 'filter', isIn: !cabinet.isFilterIn })} aside="1 min">
          {cabinet.isFilterIn ? 'Pull the filter' : 'Put the filter back'}
        </ActionButton>
      )}
      {isPanel ? (
        <ActionButton onPress={() => move(false)} aside="1 min">
          Put it back on
        </ActionButton>
      ) : (
        <TextButton onPress={() => move(false)}>Leave it</TextButton>
      )}
    </View>
  );
}
