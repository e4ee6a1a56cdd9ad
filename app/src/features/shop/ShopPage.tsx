import type { ShopDto } from '@huff/contract/fix';
import { inputFaults, MOVES, toolFigure, type FieldError, type FieldSet, type RawInputs } from '@huff/core';
import { Link } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { shop as shopRecord } from '../../data/records';
import { Icon } from '../../ui/icons';
import { Page } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { minutesText, moneyText } from '../fix/fixText';
import { ShopSheet } from './ShopSheet';
import {
  BELT_FORM,
  beltFaults,
  beltInputs,
  beltOfForm,
  EFFORT_FORM,
  ENERGY_FORM,
  SHEAVE_FORM,
  sheaveFaults,
  sheaveInputs,
  sheaveOf,
  withEffort,
} from './shopForms';

/** A thing of the shop that is being edited. */
interface Editing {
  readonly title: string;
  readonly set: FieldSet;
  readonly begin: RawInputs;
  readonly faultsOf: (raw: RawInputs) => readonly FieldError[];
  readonly keep: (raw: RawInputs) => ShopDto;
  readonly remove?: () => ShopDto;
}

/** Behind the other places: what the shop sets for itself, and its lists. */
export function ShopPage() {
  const { records, isError } = shopRecord.useList();
  const { mutate: save } = shopRecord.useSave();
  const [editing, setEditing] = useState<Editing>();
  const shop = records[0]?.record;
  const keep = (changed: ShopDto) => {
    save({ ...changed, savedAt: new Date().toISOString() });
    setEditing(undefined);
  };
  return (
    <Page title="Shop" under="Tables, parts, minutes, money">
      <View style={{ paddingHorizontal: 16, gap: 22 }}>
        <Link href="/shop/tables" style={{ paddingVertical: 12 }}>
          <Txt size={17} bold color="action">
            Blower tables
          </Txt>
        </Link>
        {shop ? (
          <Sections shop={shop} onEdit={setEditing} />
        ) : (
          <Txt color="softInk">
            {isError
              ? 'The shop’s figures have not been read from the server yet. The usual ones are taken.'
              : 'Reading the shop’s figures.'}
          </Txt>
        )}
      </View>
      {editing && (
        <ShopSheet
          key={editing.title}
          title={editing.title}
          set={editing.set}
          begin={editing.begin}
          faultsOf={editing.faultsOf}
          onKeep={(raw) => keep(editing.keep(raw))}
          onRemove={editing.remove && (() => keep(editing.remove!()))}
          onClose={() => setEditing(undefined)}
        />
      )}
    </Page>
  );
}

function Sections({ shop, onEdit }: { readonly shop: ShopDto; readonly onEdit: (editing: Editing) => void }) {
  const { sheaves, belts, currency } = shop;
  const editSheave = (id?: string) => {
    const part = sheaves.find((one) => one.id === id);
    const others = sheaves.filter((one) => one.id !== id);
    onEdit({
      title: part ? `Sheave: ${part.name}` : 'New sheave',
      set: SHEAVE_FORM,
      begin: part ? sheaveInputs(part) : {},
      faultsOf: sheaveFaults,
      keep: (raw) => ({ ...shop, sheaves: [...others, sheaveOf(raw, part?.id)] }),
      remove: part && (() => ({ ...shop, sheaves: others })),
    });
  };
  const editBelt = (mark?: string) => {
    const part = belts.find((one) => one.mark === mark);
    const others = (kept?: string) => belts.filter((one) => one.mark !== mark && one.mark !== kept);
    onEdit({
      title: part ? `Belt ${part.mark}` : 'New belt',
      set: BELT_FORM,
      begin: part ? beltInputs(part) : {},
      faultsOf: beltFaults,
      keep: (raw) => ({ ...shop, belts: [...others(beltOfForm(raw).mark), beltOfForm(raw)] }),
      remove: part && (() => ({ ...shop, belts: others() })),
    });
  };
  return (
    <>
      <Section title="Energy">
        <Row
          name="Tariff"
          says={shop.tariffPerKwh ? `${currency}${shop.tariffPerKwh} a kWh` : 'not known'}
          under={`${toolFigure(shop.hoursAYear ?? 2000, 'count')} hours a year${shop.hoursAYear ? '' : ', taken'}`}
          onPress={() =>
            onEdit({
              title: 'Energy and money',
              set: ENERGY_FORM,
              begin: { currency, tariffPerKwh: shop.tariffPerKwh, hoursAYear: shop.hoursAYear },
              faultsOf: (raw) => inputFaults(ENERGY_FORM, raw),
              keep: (raw) => ({
                ...shop,
                currency: String(raw.currency),
                tariffPerKwh: typeof raw.tariffPerKwh === 'number' ? raw.tariffPerKwh : null,
                hoursAYear: typeof raw.hoursAYear === 'number' ? raw.hoursAYear : null,
              }),
            })
          }
        />
      </Section>
      <Section title="Sheaves" onAdd={() => editSheave()} add="Add a sheave">
        {sheaves.map((part) => (
          <Row
            key={part.id}
            name={part.name}
            says={moneyText(part.cost, currency)}
            under={`${part.fits} · ${part.mostPitchIn ? `${part.pitchIn} to ${part.mostPitchIn} in.` : `${part.pitchIn} in.`} · ${part.onTruck ? 'on the truck' : 'to buy'}`}
            onPress={() => editSheave(part.id)}
          />
        ))}
        {sheaves.length === 0 && <Teach>What is on the truck goes before what must be bought.</Teach>}
      </Section>
      <Section title="Belts" onAdd={() => editBelt()} add="Add a belt">
        {belts.map((part) => (
          <Row
            key={part.mark}
            name={part.mark}
            says={moneyText(part.cost, currency)}
            under={part.onTruck ? 'on the truck' : 'to buy'}
            onPress={() => editBelt(part.mark)}
          />
        ))}
        {belts.length === 0 && <Teach>Standard lengths are always there to buy.</Teach>}
      </Section>
      <Section title="Minutes and money by move">
        {MOVES.filter((move) => move.id !== 'setDrive').map((move) => {
          const own = shop.moves.find((one) => one.move === move.id);
          const { minutes, cost } = own ?? move;
          return (
            <Row
              key={move.id}
              name={move.name}
              says={`${minutesText(minutes)} · ${moneyText(cost, currency)}`}
              under={own ? 'set by the shop' : 'the usual'}
              onPress={() =>
                onEdit({
                  title: move.name,
                  set: EFFORT_FORM,
                  begin: { minutes, cost },
                  faultsOf: (raw) => inputFaults(EFFORT_FORM, raw),
                  keep: (raw) => withEffort(shop, move.id, raw),
                  remove: own && (() => ({ ...shop, moves: shop.moves.filter((one) => one.move !== move.id) })),
                })
              }
            />
          );
        })}
      </Section>
    </>
  );
}

function Teach({ children }: { readonly children: string }) {
  return (
    <Txt size={15} color="softInk">
      {children}
    </Txt>
  );
}

function Section({
  title,
  onAdd,
  add,
  children,
}: {
  readonly title: string;
  readonly onAdd?: () => void;
  readonly add?: string;
  readonly children: ReactNode;
}) {
  return (
    <View role="group" aria-label={title}>
      <View style={{ flexDirection: 'row', alignItems: 'center', minHeight: 48 }}>
        <Heading size={18} style={{ flex: 1 }}>
          {title}
        </Heading>
        {onAdd && (
          <Pressable role="button" onPress={onAdd} style={{ minHeight: 48, justifyContent: 'center' }}>
            <Txt bold color="action">
              {add}
            </Txt>
          </Pressable>
        )}
      </View>
      {children}
    </View>
  );
}

function Row({
  name,
  says,
  under,
  onPress,
}: {
  readonly name: string;
  readonly says: string;
  readonly under: string;
  readonly onPress: () => void;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${name}: ${says}, ${under}. Change`}
      onPress={onPress}
      style={{
        minHeight: 58,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 6,
      }}
    >
      <View style={{ flex: 1 }}>
        <Txt>{name}</Txt>
        <Txt size={14} color="softInk" figures>
          {under}
        </Txt>
      </View>
      <Txt bold figures>
        {says}
      </Txt>
      <Icon name="chevron-right" size={20} color={palette.softInk} />
    </Pressable>
  );
}
