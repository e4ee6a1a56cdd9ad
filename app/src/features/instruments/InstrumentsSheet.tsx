import { hiddenTruth, PLACES } from '@huff/core/instruments';
import type { VisitDto } from '@huff/contract';
import { LIMITS } from '@huff/contract';
import { LOG_PARTS, logHead, writeTracesCsv } from '@huff/contract/csv';
import { percentText } from '@huff/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { connectSimulated, connectStream, disconnect, placeProbe, useBridge } from '../../data/bridge/bridge';
import { channelName, placesOf, type LiveProbe } from '../../data/bridge/bridgeStore';
import { chooseFile, readFile } from '../../data/chooseFile';
import { saveFile } from '../../data/saveFile';
import { Choice } from '../../ui/form';
import { ActionButton, TextButton } from '../../ui/page';
import { FullSheet } from '../../ui/sheet';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { explanationStore } from '../causes/explanationStore';
import { connectProbe, hasBluetooth } from './connectProbe';
import type { Assessment } from '../visitState/useAssessment';
import { LiveValueLine } from './LiveValueLine';
import { LogSheet, type OpenLog } from './LogSheet';

const SOURCES = { simulated: 'Simulated set', stream: 'Bridge', bluetooth: 'Bluetooth probe' } as const;
/** Where a bridge sends to: this shop’s own server. */
const OWN_ADDRESS = '/api/bridge';

interface InstrumentsSheetProps {
  readonly open: boolean;
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onClose: () => void;
}

/** Connects instruments: which bring values, where each probe sits, what it shows now. */
export function InstrumentsSheet({ open, visit, assessment, onVisit, onClose }: InstrumentsSheetProps) {
  const { source, isLost, probes, refused, refusedCount } = useBridge();
  const [problem, setProblem] = useState<string>();
  const [log, setLog] = useState<OpenLog>();
  const seed = Number.parseInt(visit.id.slice(0, 8), 16);
  const facts = visit.facts ?? [];
  const hasTraces = facts.some(({ kind }) => kind === 'trace');
  const simulate = () => {
    const { request, why } = explanationStore.get();
    if (!request) return setProblem(why ?? 'Enter the tons first: the simulated unit is of this kind.');
    setProblem(undefined);
    return connectSimulated(hiddenTruth(request, seed).truthAt, seed);
  };
  const bluetooth = () =>
    void connectProbe().then(
      () => setProblem(undefined),
      (error: Error) => setProblem(error.message),
    );
  const openLog = async (file: File) => {
    const chosen = await readFile(file, LIMITS.logBytes.max, 'Export a shorter part of the log.');
    if (!chosen.ok) return setProblem(chosen.why);
    const head = logHead(chosen.text);
    setProblem(head ? undefined : `${chosen.name} is no log: it needs a head and columns for ${LOG_PARTS.join(', ')}.`);
    if (head) setLog({ name: chosen.name, text: chosen.text, head });
  };
  if (log)
    return (
      <LogSheet log={log} visit={visit} assessment={assessment} onVisit={onVisit} onClose={() => setLog(undefined)} />
    );
  return (
    <FullSheet open={open} onClose={onClose} title="Instruments" under={source && SOURCES[source]}>
      <View style={{ padding: 16, gap: 18 }}>
        {!source && (
          <View style={{ gap: 12 }}>
            <Txt>Connect probes: their values appear on the drawing and in the keypad.</Txt>
            <ActionButton onPress={simulate}>Connect simulated set</ActionButton>
            <Txt size={14} color="softInk">
              For practice and demos: it reads a made-up unit with a hidden fault. Works without a signal.
            </Txt>
            <ActionButton quiet onPress={() => connectStream(OWN_ADDRESS)}>
              Connect bridge
            </ActionButton>
            <Txt size={14} color="softInk">
              Listens to a bridge that sends to this shop’s server.
            </Txt>
            {hasBluetooth() && (
              <ActionButton quiet onPress={bluetooth}>
                Connect Bluetooth probe
              </ActionButton>
            )}
          </View>
        )}
        {problem && (
          <Txt role="alert" color="action">
            {problem}
          </Txt>
        )}
        {source && (
          <View style={{ gap: 4 }}>
            {isLost && <Txt role="alert">Connection lost. Huff keeps trying; captured values stay.</Txt>}
            {probes.length === 0 && !isLost && <Txt color="softInk">Waiting for the first value…</Txt>}
            {refused && <Txt size={14} color="softInk">{`${refusedCount} values refused. Last: ${refused}`}</Txt>}
          </View>
        )}
        {probes.length > 0 && (
          <View>
            <Heading size={17}>Probes</Heading>
            {probes.map((probe) => (
              <ProbeRow key={probe.id} probe={probe} />
            ))}
          </View>
        )}
        {hasTraces && (
          <TextButton onPress={() => saveFile('traces.csv', 'text/csv', writeTracesCsv(facts))}>
            Save traces, CSV
          </TextButton>
        )}
        <View style={{ gap: 6 }}>
          <ActionButton quiet onPress={() => chooseFile((file) => void openLog(file))} aside="CSV">
            Open a log
          </ActionButton>
          <Txt size={14} color="softInk">
            A file that an instrument wrote: time, channel, value, unit. Its steady values become readings.
          </Txt>
        </View>
        {source && <TextButton onPress={disconnect}>Disconnect</TextButton>}
      </View>
    </FullSheet>
  );
}

/** One probe: its value, its battery, and the place it sits in. */
function ProbeRow({ probe }: { readonly probe: LiveProbe }) {
  const palette = usePalette();
  const [isMoving, setMoving] = useState(false);
  const low = probe.battery !== undefined && probe.battery < 0.15;
  const battery = probe.battery === undefined ? '' : ` · ${percentText(probe.battery)}${low ? ', low battery' : ''}`;
  return (
    <View style={{ borderTopWidth: 1, borderColor: palette.line, gap: 4 }}>
      <Pressable
        role="button"
        aria-label={`${probe.id}: move it`}
        aria-expanded={isMoving}
        onPress={() => setMoving(!isMoving)}
        style={{ flexDirection: 'row', alignItems: 'center', gap: 10, minHeight: 56, paddingVertical: 6 }}
      >
        <View style={{ flex: 1 }}>
          <Txt bold>{probe.id}</Txt>
          <Txt size={14} color="action">
            {probe.place ? PLACES[probe.place].name : `${channelName(probe.channel)}: place it`}
            <Txt size={14} color="softInk">
              {battery}
            </Txt>
          </Txt>
        </View>
        <LiveValueLine probe={probe} size={18} />
      </Pressable>
      {isMoving && (
        <Choice
          label={`Place of ${probe.id}`}
          options={placesOf(probe).map((id) => ({ id, text: PLACES[id].name }))}
          chosen={probe.place ?? null}
          onChoose={(id) => {
            placeProbe(probe.id, id);
            setMoving(false);
          }}
        />
      )}
    </View>
  );
}
