import {
  readSheet,
  SHEETS,
  withParts,
  writeSheet,
  type Known,
  type Sheet,
  type SheetReading,
} from '@huff/contract/csv';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { shop as shopRecord, sites, units } from '../../data/records';
import { saveFile } from '../../data/saveFile';
import { useShop } from '../../data/useShop';
import { Choice } from '../../ui/form';
import { ActionButton, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { chooseFile } from '../../data/chooseFile';

const NAMES: Readonly<Record<Sheet, string>> = { sites: 'sites', units: 'units', parts: 'parts' };
/** So many lines and faults are shown; the rest is counted. */
const SHOWN = 12;

interface Chosen {
  readonly sheet: Sheet;
  readonly file: string;
  readonly reading: SheetReading;
}

/** Sites, units and parts as sheets: written out, and read in after what they would do is shown. Works without a signal. */
export function SheetSection() {
  const { records: siteList } = sites.useList();
  const { records: unitList } = units.useList();
  const [shop] = shopRecord.useList().records;
  const figures = useShop();
  const [sheet, setSheet] = useState<Sheet>('sites');
  const [chosen, setChosen] = useState<Chosen>();
  const [done, setDone] = useState<string>();
  const known: Known = {
    sites: siteList.map(({ record }) => record),
    units: unitList.map(({ record }) => record),
    shop: figures,
  };
  const choose = () =>
    chooseFile((file) => {
      setDone(undefined);
      void file
        .text()
        .then((text) => setChosen({ sheet, file: file.name, reading: readSheet(sheet, text, { known, newId: uuid }) }));
    }, '.csv,text/csv');
  const keep = ({ sheet: of, reading }: Chosen) => {
    if (!reading.ok) return;
    const rows = reading.rows.filter(({ state }) => state !== 'same');
    if (of === 'parts' && shop)
      shopRecord.change(
        shop,
        withParts(
          shop.record,
          rows.map(({ record }) => record as never),
          uuid,
        ),
        'Parts imported.',
      );
    for (const { record, state } of of === 'parts' ? [] : rows) {
      const kind = of === 'sites' ? sites : units;
      const there = (of === 'sites' ? siteList : unitList).find(
        (one) => one.record.id === (record as { id: string }).id,
      );
      if (state === 'new') kind.create(record as never);
      else if (there) kind.set(there as never, record as never);
    }
    setChosen(undefined);
    setDone(`Imported: ${rows.length} ${NAMES[of]}.`);
  };
  return (
    <View style={{ gap: 8 }}>
      <Heading size={19}>Lists as CSV</Heading>
      <Txt color="softInk">
        One line each. Export, edit in a spreadsheet, import again. Lines match by id, else by name. Missing columns
        stay unchanged.
      </Txt>
      <Choice
        label="Which list"
        as="strip"
        options={SHEETS.map((id) => ({ id, text: NAMES[id] }))}
        chosen={sheet}
        onChoose={(id) => {
          setSheet(id);
          setChosen(undefined);
        }}
      />
      <View style={{ flexDirection: 'row', columnGap: 24 }}>
        <TextButton onPress={() => saveFile(`huff-${sheet}.csv`, 'text/csv', writeSheet(sheet, known))}>
          Export
        </TextButton>
        <TextButton onPress={choose}>Import file</TextButton>
      </View>
      {chosen && <Preview chosen={chosen} onKeep={() => keep(chosen)} />}
      {done !== undefined && <Txt role="status">{done}</Txt>}
    </View>
  );
}

function Preview({ chosen: { file, reading }, onKeep }: { readonly chosen: Chosen; readonly onKeep: () => void }) {
  const palette = usePalette();
  if (!reading.ok)
    return (
      <View role="alert" style={{ gap: 4 }}>
        <Txt bold>{`Nothing from ${file} was imported:`}</Txt>
        {reading.faults.slice(0, SHOWN).map(({ line, found, message }) => (
          <Txt key={`${line ?? 0} ${message}`}>
            {[line === undefined ? undefined : `line ${line}`, found && `“${found}”`, message]
              .filter(Boolean)
              .join(': ')}
          </Txt>
        ))}
        {reading.faults.length > SHOWN && <Txt>{`and ${reading.faults.length - SHOWN} more`}</Txt>}
      </View>
    );
  const of = (state: string) => reading.rows.filter((row) => row.state === state);
  const moved = reading.rows.filter(({ state }) => state !== 'same');
  return (
    <View role="status" style={{ gap: 6 }}>
      <Txt
        bold
      >{`${file}: ${of('new').length} new, ${of('changed').length} changed, ${of('same').length} unchanged.`}</Txt>
      {moved.slice(0, SHOWN).map(({ line, name, state, changed }) => (
        <Txt key={line} style={{ borderTopWidth: 1, borderColor: palette.line, paddingTop: 4 }}>
          {`${name}: ${state === 'new' ? 'new' : changed.join(', ')}`}
        </Txt>
      ))}
      {moved.length > SHOWN && <Txt>{`and ${moved.length - SHOWN} more`}</Txt>}
      <ActionButton disabled={moved.length === 0} onPress={onKeep}>
        {moved.length === 0 ? 'Nothing to import' : 'Import'}
      </ActionButton>
    </View>
  );
}
