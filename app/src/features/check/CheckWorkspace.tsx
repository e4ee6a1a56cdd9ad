import { intoWhole, partVisit, type PartedVisit, type VisitDto } from '@huff/contract';
import { FLOW_METHOD_IDS, type FactKind, type PortId, type Verdict } from '@huff/core';
import { memo, useCallback, useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Page } from '../../ui/page';
import { StationRun } from '../../ui/stations';
import { Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { WorkingSheet } from '../../ui/working';
import { AirflowStation } from '../stations/AirflowStation';
import { DropStation } from '../stations/DropStation';
import { LookStation } from '../stations/LookStation';
import { PressureStation } from '../stations/PressureStation';
import { SpeedPane } from '../stations/SpeedPane';
import { FixPlace } from '../fix/FixPlace';
import { ProvePlace } from '../prove/ProvePlace';
import { CheckFoot } from './CheckFoot';
import type { Frame } from './frame';
import { LastProven } from './LastProven';
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
  /** A change, with the version it was made to: what was drawn a moment ago must not undo what came since. */
  readonly onChange: (from: VisitDto, to: VisitDto) => void;
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
const MemoSpeed = memo(SpeedPane);
const MemoLog = memo(ReadingsLog);

const LEFT_PANE = 432;

/** A visit with the part of it that the stations show. */
interface Shown {
  readonly whole: VisitDto;
  readonly parted: PartedVisit;
  readonly visit: VisitDto;
}

/** Once a plan is decided, the stations show what was read since; what was found before stays under Fix and Prove. */
function shownOf(whole: VisitDto): Shown {
  const parted = partVisit(whole);
  return { whole, parted, visit: parted.after ?? parted.before };
}

/** Takes a change of the part that is shown over into the whole visit. */
const useSetter = ({ whole, visit }: Shown, onChange: CheckWorkspaceProps['onChange']) =>
  useCallback((changed: VisitDto) => onChange(whole, intoWhole(whole, visit, changed)), [whole, visit, onChange]);

/** A visit, being made or saved: its stations, the result of all of them in sight, and the one thing to do next. */
export function CheckWorkspace({ visit: whole, onChange, onSave, under, actions, notice }: CheckWorkspaceProps) {
  const palette = usePalette();
  const wide = useIsWide();
  const { width } = useWindowDimensions();
  const now = useMemo(() => shownOf(whole), [whole]);
  const { visit } = now;
  const assessment = useAssessment(visit);
  // Result strip and keypad follow a reading at once; the drawings come in the next pass, so that they never hold them up.
  const deferred = useDeferredValue(now);
  const { visit: drawn, parted } = deferred;
  // Each is paired with what it changes: a touch on a drawing that is a moment old changes just what was touched.
  const onVisit = useSetter(now, onChange);
  const onDrawn = useSetter(deferred, onChange);
  const onWhole = useCallback((changed: VisitDto) => onChange(whole, changed), [onChange, whole]);
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
  const stations = useMemo(() => stationsOf(drawn, drawnAssessment, parted), [drawn, drawnAssessment, parted]);
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
    } else if (next.kind === 'motor') setMethod('motorLoad');
    else if (next.kind === 'rpm') setStation('fix');
    else setStation(next.kind === 'airflow' ? 'airflow' : 'look');
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
    look: <MemoLook {...shared} onVisit={onDrawn} />,
    pressure: (
      <View style={{ gap: 16 }}>
        {parted.plan ? <AsThePlanLeavesIt visit={visit} /> : <MemoUnit visit={drawn} onVisit={onDrawn} />}
        {visit.unitId && <LastProven unitId={visit.unitId} visitId={visit.id} />}
        <MemoPressure {...shared} width={paneWidth} onPort={askPort} onWorking={showWorking} />
        {!wide && <MemoLog {...shared} />}
      </View>
    ),
    airflow: <MemoAirflow {...shared} onVisit={onDrawn} onMethod={setMethod} />,
    drop: <MemoDrop {...shared} width={paneWidth} onRead={askDrop} onWorking={showWorking} />,
    fix: null,
    prove: null,
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
  const frame: Frame = ({ main, side, foot: footOf }) => {
    const pane = (
      <>
        {run}
        <ScrollView key={station} style={{ flex: 1 }} contentContainerStyle={{ padding: 16, gap: 16 }}>
          {notice}
          {hold}
          {main}
        </ScrollView>
        {footOf}
      </>
    );
    if (!wide) return <View style={{ flex: 1 }}>{pane}</View>;
    return (
      <>
        <View style={{ width: LEFT_PANE, borderRightWidth: 1, borderColor: palette.line }}>{pane}</View>
        <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 20, paddingTop: 4, gap: 20, maxWidth: 760 }}>
          {side}
        </ScrollView>
      </>
    );
  };
  const place = () => {
    if (station === 'fix')
      return (
        <FixPlace
          visit={whole}
          parted={now.parted}
          onVisit={onWhole}
          onProve={() => setStation('prove')}
          onMethod={setMethod}
          onSave={onSave}
          frame={frame}
        />
      );
    if (station === 'prove')
      return (
        <ProvePlace
          visit={whole}
          parted={now.parted}
          paneWidth={paneWidth}
          onPort={askPort}
          onMethod={setMethod}
          onFix={() => setStation('fix')}
          onSave={onSave}
          frame={frame}
        />
      );
    return frame({
      main: here,
      side: (
        <>
          <MemoSpeed assessment={drawnAssessment} />
          <MemoLog {...shared} />
        </>
      ),
      foot,
    });
  };
  return (
    <Page {...head} panes>
      {place()}
      {sheets}
    </Page>
  );
}

/** The unit as the plan leaves it: not asked for again while it is being proven. */
function AsThePlanLeavesIt({ visit }: { readonly visit: VisitDto }) {
  return (
    <Txt size={15} color="softInk">
      After the plan: {unitLine(visit)}. What was read before stands under Prove.
    </Txt>
  );
}
