import type { VisitDto } from '@huff/contract';
import { FLOW_METHOD_IDS, type FactKind, type PortId, type Verdict } from '@huff/core';
import { memo, useCallback, useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { useAhead } from '../../data/useAhead';
import { Page } from '../../ui/page';
import { StationRun } from '../../ui/stations';
import { Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { WorkingSheet } from '../../ui/working';
import { AirflowStation } from '../stations/AirflowStation';
import { DropStation } from '../stations/DropStation';
import { LookStation } from '../stations/LookStation';
import { PressureStation } from '../stations/PressureStation';
import { SpeedStation } from '../stations/SpeedStation';
import { CheckFoot } from './CheckFoot';
import { MethodSheet } from './MethodSheet';
import { splitTitle, unitLine } from './motorText';
import { onTable } from './newVisit';
import { nextStep, type NextStep } from './nextStep';
import { PortKeypad, type AskedPort } from './PortKeypad';
import { ReadingsLog } from './ReadingsLog';
import { stationsOf, type StationId } from './stations';
import { TablePicker } from './TablePicker';
import { UnitPane } from './UnitPane';
import { useAssessment } from './useAssessment';

interface CheckWorkspaceProps {
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
  /** Saves the visit; absent when it is saved already and each change is kept at once. */
  readonly onSave?: () => void;
  readonly under?: string;
  readonly actions?: ReactNode;
  readonly notice?: ReactNode;
}

const MemoStations = memo(StationRun);
const MemoUnit = memo(UnitPane);
const MemoLook = memo(LookStation);
const MemoPressure = memo(PressureStation);
const MemoAirflow = memo(AirflowStation);
const MemoDrop = memo(DropStation);
const MemoSpeed = memo(SpeedStation);
const MemoLog = memo(ReadingsLog);

const LEFT_PANE = 432;

/** A visit, being made or saved: its stations, the result of all of them in sight, and the one thing to do next. */
export function CheckWorkspace({ visit: stored, onVisit: store, onSave, under, actions, notice }: CheckWorkspaceProps) {
  const palette = usePalette();
  const wide = useIsWide();
  const { width } = useWindowDimensions();
  const [visit, onVisit] = useAhead(stored, store);
  const assessment = useAssessment(visit);
  // Result strip and keypad follow a reading at once; the drawings come in the next pass, so that they never hold them up.
  const drawn = useDeferredValue(visit);
  const drawnAssessment = useAssessment(drawn);
  const [station, setStation] = useState<StationId>('pressure');
  const [asked, setAsked] = useState<AskedPort>();
  const [method, setMethod] = useState<FactKind>();
  const [working, setWorking] = useState<{ title: string; verdict: Verdict }>();
  const [picking, setPicking] = useState(false);
  const step = nextStep(visit, assessment, onSave === undefined);
  const showWorking = useCallback((title: string, verdict: Verdict) => setWorking({ title, verdict }), []);
  const askPort = useCallback((port: PortId, filterOut = false) => setAsked({ port, filterOut }), []);
  const askDrop = useCallback(() => setMethod('measuredDrop'), []);
  const goTo = useCallback((id: string) => setStation(id as StationId), []);
  const stations = useMemo(() => stationsOf(drawn, drawnAssessment), [drawn, drawnAssessment]);
  const measure = (next: Extract<NextStep, { kind: 'measure' }>['measure']) => {
    if (next.kind === 'port') {
      setStation('pressure');
      setAsked({ port: next.port, filterOut: next.filterOut });
    } else if (next.kind === 'drop') {
      setStation('drop');
      setMethod('measuredDrop');
    } else if (next.kind === 'method') {
      setStation('airflow');
      setMethod(next.method);
    } else setStation(next.kind === 'airflow' ? 'airflow' : 'look');
  };
  const doStep = () => {
    if (!step) return;
    if (step.kind === 'chooseTable') setPicking(true);
    else if (step.kind === 'save') onSave?.();
    else if (step.kind === 'measure') measure(step.measure);
    else setStation('pressure');
  };
  const paneWidth = wide ? LEFT_PANE - 32 : width - 32;
  const hold = assessment.hold && (
    <View role="alert" style={{ backgroundColor: palette.outside, borderRadius: 6, padding: 12, gap: 4 }}>
      <Txt bold>Hold. {assessment.hold.why}</Txt>
      <Txt>{assessment.hold.first}</Txt>
    </View>
  );
  const shared = { visit: drawn, assessment: drawnAssessment } as const;
  const here = {
    look: <MemoLook {...shared} onVisit={onVisit} />,
    pressure: (
      <View style={{ gap: 16 }}>
        <MemoUnit visit={drawn} onVisit={onVisit} />
        <MemoPressure {...shared} width={paneWidth} onPort={askPort} onWorking={showWorking} />
        {!wide && <MemoLog {...shared} />}
      </View>
    ),
    airflow: <MemoAirflow {...shared} onVisit={onVisit} onMethod={setMethod} />,
    drop: <MemoDrop {...shared} width={paneWidth} onRead={askDrop} onWorking={showWorking} />,
    speed: <MemoSpeed assessment={drawnAssessment} />,
  }[station];
  const foot = (
    <CheckFoot
      visit={visit}
      assessment={assessment}
      step={step}
      quiet={onSave === undefined}
      onStep={doStep}
      onMeasure={measure}
      onWorking={showWorking}
    />
  );
  const sheets = (
    <>
      <PortKeypad visit={visit} assessment={assessment} asked={asked} onVisit={onVisit} onAsk={setAsked} />
      <MethodSheet
        visit={visit}
        assessment={assessment}
        method={method}
        onVisit={onVisit}
        onClose={() => {
          setMethod(undefined);
          if (method && (FLOW_METHOD_IDS as readonly string[]).includes(method)) setStation('airflow');
        }}
      />
      <WorkingSheet title={working?.title ?? ''} verdict={working?.verdict} onClose={() => setWorking(undefined)} />
      <TablePicker
        open={picking}
        onClose={() => setPicking(false)}
        onPick={(table) => {
          onVisit(onTable(visit, table));
          setPicking(false);
        }}
      />
    </>
  );
  const run = <MemoStations stations={stations} here={station} onGo={goTo} />;
  const head = {
    title: splitTitle(visit.title).name,
    under: under ?? unitLine(visit),
    back: '/',
    actions,
  } as const;
  if (wide) {
    return (
      <Page {...head} panes>
        <View style={{ width: LEFT_PANE, borderRightWidth: 1, borderColor: palette.line }}>
          {run}
          <ScrollView key={station} contentContainerStyle={{ padding: 16, paddingTop: 10, gap: 16 }}>
            {notice}
            {hold}
            {here}
          </ScrollView>
          {foot}
        </View>
        <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 20, paddingTop: 4, gap: 20, maxWidth: 760 }}>
          {station === 'speed' ? (
            <MemoAirflow {...shared} onVisit={onVisit} onMethod={setMethod} />
          ) : (
            <MemoSpeed assessment={drawnAssessment} />
          )}
          <MemoLog {...shared} />
        </ScrollView>
        {sheets}
      </Page>
    );
  }
  return (
    <Page {...head} foot={foot} panes>
      <View style={{ flex: 1 }}>
        {run}
        <ScrollView key={station} style={{ flex: 1 }} contentContainerStyle={{ padding: 16, gap: 16 }}>
          {notice}
          {hold}
          {here}
        </ScrollView>
      </View>
      {sheets}
    </Page>
  );
}
