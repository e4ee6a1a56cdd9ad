import type { BundleReport, Problem } from '@huff/contract';
import { useState } from 'react';
import { Linking, View } from 'react-native';
import { spine } from '../../data/theSpine';
import { ActionButton, Columns, Page, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { BackupSection } from './BackupSection';
import { chooseBundle } from './chooseBundle';
import { SheetSection } from './SheetSection';

interface Chosen {
  readonly file: File;
  readonly report: BundleReport;
}

/** A shop of years takes minutes. */
const LONGEST_MS = 20 * 60_000;

/** What the server says of a bundle: its report, or why it was refused, in sentences. */
async function send(address: string, file: File): Promise<BundleReport | readonly string[]> {
  const answer = await fetch(address, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: file,
    signal: AbortSignal.timeout(LONGEST_MS),
  }).catch(() => undefined);
  if (!answer) return ['The server could not be reached. Try again with a signal; nothing was changed.'];
  const body = (await answer.json().catch(() => undefined)) as BundleReport | Problem | undefined;
  if (answer.ok && body) return body as BundleReport;
  const { errors = [], detail } = (body ?? {}) as Partial<Problem>;
  const faults = errors.map(({ field, message }) => (field === '' ? message : `${field}: ${message}`));
  return faults.length > 0 ? faults : [detail ?? 'The server refused the file.'];
}

const KINDS = [
  ['sites', 'sites'],
  ['units', 'units'],
  ['blowerTables', 'blower tables'],
  ['visits', 'visits'],
  ['readings', 'readings'],
  ['facts', 'other records'],
  ['stops', 'planned stops'],
  ['drills', 'practice drills'],
  ['photos', 'photos'],
  ['figures', 'figures and parts of the shop'],
] as const;

const addedWords = ({ added }: BundleReport): string =>
  KINDS.flatMap(([kind, words]) => (added[kind] > 0 ? [`${added[kind]} ${words}`] : [])).join(', ') || 'nothing';

/** Everything out in one file, and in again: what a file would bring is said before any of it is kept. */
export function DataPage() {
  const [chosen, setChosen] = useState<Chosen>();
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [done, setDone] = useState<string>();
  const [busy, setBusy] = useState(false);
  const look = async (file: File) => {
    setBusy(true);
    setDone(undefined);
    const answer = await send('/api/bundle/preview', file);
    setBusy(false);
    setFaults('added' in answer ? [] : answer);
    setChosen('added' in answer ? { file, report: answer } : undefined);
  };
  const keep = async ({ file }: Chosen) => {
    setBusy(true);
    const answer = await send('/api/bundle', file);
    setBusy(false);
    if (!('added' in answer)) return setFaults(answer);
    setChosen(undefined);
    setDone(`Imported: ${addedWords(answer)}. Other phones get it within a minute.`);
    // This one now: whoever took a file in looks for it.
    spine().wake();
  };
  return (
    <Page title="Import and export" back="/settings" broad>
      <Columns
        main={
          <View style={{ gap: 22 }}>
            <View style={{ gap: 6 }}>
              <Heading size={19}>Out</Heading>
              <Txt color="softInk">
                Sites, units, blower tables, visits with every reading, schedule and settings, as JSON with a published
                schema. Export with photos the file is much larger.
              </Txt>
              <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 }}>
                <TextButton onPress={() => void Linking.openURL('/api/bundle')}>Export whole shop</TextButton>
                <TextButton onPress={() => void Linking.openURL('/api/bundle?photos=yes')}>
                  Export with photos
                </TextButton>
              </View>
              <Txt size={15} color="softInk">
                Export one site from its page under Sites.
              </Txt>
              <TextButton onPress={() => void Linking.openURL('/api/refrigerant/cylinders.csv')}>
                Export refrigerant CSV
              </TextButton>
            </View>
            <View style={{ gap: 8 }}>
              <Heading size={19}>In</Heading>
              <Txt color="softInk">Import a Huff file. Adds new records, never overwrites. All or nothing.</Txt>
              <ActionButton
                quiet
                disabled={busy}
                onPress={() =>
                  chooseBundle(
                    (file) => void look(file),
                    (fault) => setFaults([fault]),
                  )
                }
              >
                {busy ? 'Reading file… please wait' : 'Choose a file'}
              </ActionButton>
              {faults.map((fault) => (
                <Txt key={fault} role="alert">
                  {fault}
                </Txt>
              ))}
              {chosen && (
                <View style={{ gap: 8 }} role="status">
                  <Txt bold>{`${chosen.file.name} adds: ${addedWords(chosen.report)}.`}</Txt>
                  {chosen.report.same > 0 && <Txt>{`${chosen.report.same} are already here, unchanged.`}</Txt>}
                  {chosen.report.left.length > 0 && (
                    <Txt>
                      {`Not overwritten: ${chosen.report.left
                        .slice(0, 8)
                        .map(({ name }) => name)
                        .join(
                          ', ',
                        )}${chosen.report.left.length > 8 ? `, and ${chosen.report.left.length - 8} more` : ''}.`}
                    </Txt>
                  )}
                  <ActionButton disabled={busy} onPress={() => void keep(chosen)}>
                    Import
                  </ActionButton>
                </View>
              )}
              {done !== undefined && <Txt role="status">{done}</Txt>}
            </View>
          </View>
        }
        side={
          <View style={{ gap: 22 }}>
            <BackupSection />
            <SheetSection />
          </View>
        }
      />
    </Page>
  );
}
