import { currentPart } from '@huff/contract';
import { layoutOf, portOf, signedStaticInWc, staticText, toolText, type Layout, type PortId } from '@huff/core';
import { panelsOf, type Cabinet, type PanelId, type PracticeCase } from '@huff/core/practice';
import type { PlaceId } from '@huff/core/instruments';
import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { bridge, useBridgePart } from '../../data/bridge/bridge';
import type { LiveProbe } from '../../data/bridge/bridgeStore';
import { useShop } from '../../data/useShop';
import { CabinetDrawing, HoseReadout, type CabinetPart } from '../../ui/cabinet';
import { ActionButton, Columns, Page, PageFoot, TextButton } from '../../ui/page';
import { moneyText } from '../../ui/text/effortText';
import { Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { useExplaining } from '../causes/useExplanation';
import { withTrace } from '../instruments/withTrace';
import { withFact } from '../visitState/newFact';
import { AS_IT_RUNS, runState, withReading } from '../visitState/newVisit';
import { useAssessment, type Assessment } from '../visitState/useAssessment';
import { DisconnectSheet } from './DisconnectSheet';
import { HOSE, hoseTo, placeProbes } from './drillBridge';
import { drillStore, type OpenDrill } from './drillStore';
import { BAG, withInstrument, type BagInstrument } from './instruments';
import { InstrumentTray, probeFigure, probeWord } from './InstrumentTray';
import { PanelSheet } from './PanelSheet';
import { useHint } from './useHint';

interface CabinetViewProps {
  readonly drill: OpenDrill;
  readonly practice: PracticeCase;
  readonly cabinet: Cabinet;
  readonly runs: boolean;
  readonly truth?: (place: PlaceId) => number | undefined;
  readonly title: string;
  /** What comes after the readings: naming, fixing, finishing. */
  readonly after: ReactNode;
}

/** A drawing of a cabinet gets no wider, px. */
const WIDEST = 460;

/** What is found where the hose is looked at. */
const HOSE_SAID = {
  right: 'The hose is on, on the right fitting.',
  hoseOff: 'The hose had come off the manometer. It is back on.',
  wrongPort: 'The hose sat on the other fitting of the manometer. It is right now.',
} as const;

const probeNamed = (probes: readonly LiveProbe[], id: string) => probes.find((one) => one.id === id);
const hoseOf = (probes: readonly LiveProbe[]) => probeNamed(probes, HOSE);

/** A drill at its unit: the cabinet is touched, probes are put in, what they show is written down. */
export function CabinetView(props: CabinetViewProps) {
  const { drill, practice, cabinet, runs, truth, title, after } = props;
  const { visit } = drill;
  const palette = usePalette();
  const { currency } = useShop();
  const wide = useIsWide();
  const { width } = useWindowDimensions();
  const shown = useMemo(() => currentPart(visit), [visit]);
  const assessment = useAssessment(shown);
  useExplaining(shown);
  const hint = useHint({ practice, cabinet, visit: shown, assessment, truth });
  const [instrument, setInstrument] = useState<BagInstrument['id']>('manometer');
  const [hoseSaid, setHoseSaid] = useState<string>();
  const [panel, setPanel] = useState<PanelId>();
  const [atDisconnect, setAtDisconnect] = useState(false);
  const layout = useMemo(() => layoutOf({ layout: practice.layout }), [practice.layout]);
  const bag = BAG.filter(({ motors }) => !motors || motors.includes(practice.motor));
  const chosen = bag.find(({ id }) => id === instrument) ?? bag[0]!;
  // Only what changes seldom is followed here: a value that comes ten times a second draws itself.
  const isPlacedNow = useBridgePart((probes) => probeNamed(probes, chosen.probes[0]!)?.place !== undefined);
  const hosePlace = useBridgePart((probes) => hoseOf(probes)?.place);
  const word = useBridgePart((probes) => {
    const probe = probeNamed(probes, chosen.probes[0]!);
    return probe && probeWord(probe);
  });
  const port = layout.ports.find(({ id }) => id === hosePlace)?.id;
  const { readings } = visit;
  const read = useMemo(() => new Set(readings.map((reading) => reading.port)), [readings]);
  const isOpen = panelsOf(practice).some(({ id, letsAirIn }) => letsAirIn && cabinet.open.has(id));

  const touchPort = useCallback((id: PortId) => {
    setInstrument('manometer');
    hoseTo(HOSE, id);
  }, []);
  const touchPart = useCallback(
    (part: CabinetPart) => (part === 'disconnect' ? setAtDisconnect(true) : setPanel(part)),
    [],
  );
  const choose = (id: BagInstrument['id']) => {
    setInstrument(id);
    if (id !== 'manometer') placeProbes(bag.find((one) => one.id === id)?.probes ?? []);
  };
  const recordPort = (id: PortId, probe: LiveProbe) => {
    const plan = portOf(layout, id);
    if (!plan) return;
    const shown = probe.state.kind === 'steady' ? probe.state.mean : probe.value;
    const now = new Date();
    const readingId = uuid();
    const last = visit.readings.at(-1)?.conditions ?? AS_IT_RUNS;
    const asUsual = !isOpen && cabinet.isFilterIn;
    const taken = {
      id: readingId,
      port: id,
      staticInWc: signedStaticInWc(plan.side, shown),
      conditions: runState(visit, {
        ...last,
        door: isOpen ? 'off' : 'on',
        filter: cabinet.isFilterIn ? 'in' : 'out',
      }),
      replacesId: asUsual ? (assessment.counted.get(id)?.id ?? null) : null,
      byProbe: true,
    };
    drillStore.write(withTrace(withReading(visit, taken, now), probe, readingId, now));
  };
  const record = () => {
    hint.clear();
    setHoseSaid(undefined);
    const { probes } = bridge.get();
    if (chosen.id === 'manometer') {
      const probe = hoseOf(probes);
      if (port && probe) recordPort(port, probe);
      return;
    }
    drillStore.write(withInstrument(visit, chosen.id, probes, new Date()));
  };
  const isPlaced = chosen.id === 'manometer' ? port !== undefined : isPlacedNow;
  const drawn = Math.min(wide ? WIDEST : width - 32, WIDEST);
  const readout = useMemo(
    () => port && <LiveReadout layout={layout} width={drawn} port={port} />,
    [layout, drawn, port],
  );
  const drawing = (
    <View style={{ alignItems: 'center' }}>
      <CabinetDrawing
        layout={layout}
        width={drawn}
        open={cabinet.open}
        isFilterIn={cabinet.isFilterIn}
        runs={runs}
        power={cabinet.isPowered ? 'on' : cabinet.isLocked ? 'locked out' : 'off'}
        hasOutdoorUnit={practice.layout !== 'makeUpAir'}
        hosePort={port}
        readout={readout}
        read={read}
        onPort={touchPort}
        onPart={touchPart}
      />
    </View>
  );
  const told = (
    <View style={{ gap: 10 }}>
      <View style={{ borderLeftWidth: 4, borderColor: palette.action, paddingLeft: 12, gap: 2 }}>
        <Txt>{`“${practice.words}”`}</Txt>
        <Txt size={14} color="softInk">
          {`${practice.season.name}. ${practice.history}`}
        </Txt>
      </View>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <WrittenDown assessment={assessment} />
        </View>
        {port && (
          <TextButton
            onPress={() => {
              setHoseSaid(HOSE_SAID[cabinet.hoseSlip ?? 'right']);
              drillStore.act({ kind: 'hoses' });
            }}
          >
            Check the hoses
          </TextButton>
        )}
      </View>
      {hint.words !== undefined && (
        <View role="status" style={{ backgroundColor: palette.edge, borderRadius: 6, padding: 12 }}>
          <Txt size={15}>{hint.words}</Txt>
        </View>
      )}
      {hoseSaid !== undefined && (
        <Txt size={15} role="status">
          {hoseSaid}
        </Txt>
      )}
    </View>
  );
  const foot = (
    <PageFoot broad>
      <InstrumentTray instruments={bag} chosen={chosen.id} onChoose={choose} />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <ActionButton
            onPress={record}
            disabled={!isPlaced || word === undefined}
            aside={(isPlaced ? word : undefined) ?? (chosen.id === 'manometer' ? 'touch a port' : undefined)}
          >
            {chosen.id === 'manometer' && port ? `${chosen.record} ${port}` : chosen.record}
          </ActionButton>
        </View>
        {!drill.isExam && (
          <ActionButton quiet onPress={hint.ask} aside={`${hint.minutes} min`}>
            Hint
          </ActionButton>
        )}
      </View>
      {after}
    </PageFoot>
  );
  return (
    <Page
      title={title}
      under={`case ${practice.code} · level ${practice.level}${drill.isExam ? ' · exam' : ''}`}
      back="/practice"
      actions={
        <View style={{ alignItems: 'flex-end', paddingRight: 8 }}>
          <Txt size={17} bold figures>{`${Math.round(cabinet.minutes)} min`}</Txt>
          <Txt size={13} color="softInk" figures>{`${moneyText(cabinet.cost, currency)} spent`}</Txt>
        </View>
      }
      foot={foot}
      broad
    >
      {wide ? (
        <Columns main={drawing} side={told} />
      ) : (
        <View style={{ paddingHorizontal: 16, gap: 12 }}>
          {told}
          {drawing}
        </View>
      )}
      <PanelSheet
        practice={practice}
        cabinet={cabinet}
        panel={panel}
        onSaid={(item, state) =>
          drillStore.write(
            // Outdoors a check is written down, indoors a look.
            item === 'outdoorCoil'
              ? withFact(visit, 'check', { point: 'outdoorWashed', state }, new Date())
              : withFact(visit, 'look', { item, state }, new Date()),
          )
        }
        onClose={() => setPanel(undefined)}
      />
      <DisconnectSheet cabinet={cabinet} open={atDisconnect} onClose={() => setAtDisconnect(false)} />
    </Page>
  );
}

/** What the manometer shows at the end of its hose, drawn anew with each value. */
function LiveReadout(at: { readonly layout: Layout; readonly width: number; readonly port: PortId }) {
  const text = useBridgePart((probes) => {
    const probe = hoseOf(probes);
    return probe && probeFigure(probe);
  });
  const state = useBridgePart((probes) => {
    const probe = hoseOf(probes);
    return probe && probeWord(probe);
  });
  return <HoseReadout {...at} text={text ?? '–'} state={state ?? ''} />;
}

/** What was written down so far, in one line. */
function WrittenDown({ assessment }: { readonly assessment: Assessment }) {
  const { counted, drop, motor } = assessment;
  const parts = [
    ...[...counted].map(([port, { staticInWc }]) => `${port} ${staticText(staticInWc)}`),
    ...(drop.value === undefined ? [] : [`ΔT ${toolText(drop.value, 'deltaF')}`]),
    ...(motor?.amps === undefined ? [] : [toolText(motor.amps, 'amps')]),
  ];
  if (parts.length === 0) return null;
  return (
    <Txt bold figures role="status">
      {parts.join(' · ')}
    </Txt>
  );
}
