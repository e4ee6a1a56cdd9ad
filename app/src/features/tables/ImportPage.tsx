import { check, BlowerTableDto, LIMITS } from '@huff/contract';
import { readBlowerTableCsv, type CsvFault, type CsvTable } from '@huff/contract/csv';
import { MOTOR_KINDS, type MotorKind, MOTOR_TEXT } from '@huff/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { v4 as uuid } from 'uuid';
import { blowerTables } from '../../data/records';
import { ActionButton, Page, PageFoot } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { Choice } from '../../ui/form';
import { chooseFile, readFile } from '../../data/chooseFile';
import { CsvText } from './CsvText';
import { FaultList } from './FaultList';
import { FiguresTable } from './FiguresTable';
import { tableLine } from './tableLine';

interface Preview {
  readonly table?: CsvTable;
  readonly faults: readonly CsvFault[];
}

/** Reads CSV text. The reader is part of the later download: split off once more, what it shares would go back into the first. */
function previewOf(text: string): Preview {
  const read = readBlowerTableCsv(text);
  return read.ok ? { table: read.table, faults: [] } : { faults: read.faults };
}

/** Characters of a text that is shown to be fixed. */
const MENDED_BY_HAND = 60_000;

const nameOfFile = (file: string) =>
  file
    .replace(/\.[^.]*$/, '')
    .replace(/[-_]+/g, ' ')
    .trim();

/** Brings in a blower table: choose a file or paste, see what was read, then store it. Nothing is stored before. */
export function ImportPage() {
  const [tableId] = useState(() => uuid());
  const [text, setText] = useState('');
  const [name, setName] = useState('');
  const [motor, setMotor] = useState<MotorKind>();
  const [preview, setPreview] = useState<Preview>();
  /** @param csv what stands in the box; read instead of it: `whole` */
  const take = (csv: string, from: string, whole = csv) => {
    setText(csv);
    const read = previewOf(whole);
    setPreview(read);
    setName((typed) => read.table?.name ?? (typed || from));
    setMotor((chosen) => read.table?.motor ?? chosen);
  };
  const onFile = async (file: File) => {
    const chosen = await readFile(file, LIMITS.csvBytes.max, 'A blower table is only a few lines.');
    if (!chosen.ok) setPreview({ faults: [{ message: chosen.why }] });
    else if (chosen.text.length <= MENDED_BY_HAND) take(chosen.text, nameOfFile(chosen.name));
    // The file stays where it is; a box with a whole book in it would hold the page up, and nobody fixes that by hand.
    else take('', nameOfFile(chosen.name), chosen.text);
  };
  const table = preview?.table;
  const record = table && {
    id: tableId,
    name: name.trim(),
    motor,
    tons: table.tons ?? null,
    ...table.figures,
  };
  const checked = record && check(BlowerTableDto, record);
  const lacks = checked && !checked.ok ? checked.errors[0]?.message : undefined;
  const store = () => {
    if (!checked?.ok) return;
    blowerTables.create(JSON.parse(JSON.stringify(checked.value)) as BlowerTableDto);
    router.replace('/settings/tables');
  };
  const foot = (
    <PageFoot>
      {table && lacks && <Txt role="alert">{lacks}</Txt>}
      {table ? (
        <ActionButton onPress={store} disabled={!checked?.ok} aside={`${table.figures.taps.length} taps`}>
          Save table
        </ActionButton>
      ) : (
        <ActionButton onPress={() => chooseFile((file) => void onFile(file))} aside="CSV">
          Choose a file
        </ActionButton>
      )}
    </PageFoot>
  );
  return (
    <Page title="Import a blower table" under="Nothing is saved until you confirm" back="/settings/tables" foot={foot}>
      <View style={{ paddingHorizontal: 16, gap: 14 }}>
        {preview && preview.faults.length > 0 && <FaultList faults={preview.faults} />}
        {table && (
          <View style={{ gap: 10 }}>
            <Heading size={17}>What was read</Heading>
            <Txt size={14} color="softInk" figures>
              {tableLine({ tons: table.tons, motor: motor ?? 'psc', ...table.figures })}
            </Txt>
            <FiguresTable figures={table.figures} />
            <TextInput
              mode="outlined"
              label="Table name"
              accessibilityLabel="Table name"
              value={name}
              onChangeText={setName}
            />
            <Txt size={14} color="softInk">
              Motor
            </Txt>
            <Choice
              label="Motor"
              options={MOTOR_KINDS.map((kind) => ({ id: kind, text: MOTOR_TEXT[kind] }))}
              chosen={motor}
              onChoose={setMotor}
            />
          </View>
        )}
        <CsvText
          key={text}
          text={text}
          onRead={(csv) => void take(csv, '')}
          faulty={text !== '' && (preview?.faults.length ?? 0) > 0}
        />
        {table && (
          <ActionButton quiet onPress={() => chooseFile((file) => void onFile(file))}>
            Choose another file
          </ActionButton>
        )}
      </View>
    </Page>
  );
}
