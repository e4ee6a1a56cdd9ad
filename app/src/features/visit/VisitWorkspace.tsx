import { intoWhole, partVisit, type PartedVisit, type VisitDto } from '@huff/contract';
import { FLOW_METHOD_IDS, type FactKind, type PortId, type Verdict } from '@huff/core';
import { memo, useCallback, useDeferredValue, useEffect, useMemo, useState, type ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Guard } from '../../ui/guard';
import { Page } from '../../ui/page';
import { StationRun } from '../../ui/stations';
import { useIsWide, usePalette } from '../../ui/theme';
import { complaintSaid } from '../call/stations';
import { WorkingSheet } from '../../ui/working';
import { VisitFoot } from '../resultFoot/VisitFoot';
import { SpeedPane } from '../speed/SpeedPane';
import { LearntNotice } from '../units/LearntNotice';
import type { Frame } from '../visitState/frame';
import { StopNotice } from '../visitState/StopNotice';
import { nextStep, type NextStep } from '../visitState/nextStep';
import type { StationActs, StationId } from '../visitState/station';
import { splitTitle, unitLine } from '../visitState/unitWords';
import { useAssessment } from '../visitState/useAssessment';
import { keepPlace, lastPlace } from './lastPlace';
import { LastProven } from './LastProven';
import { MethodSheet } from './MethodSheet';
import { PortKeypad, type AskedPort } from './PortKeypad';
import { ReadingsLog } from './ReadingsLog';
import { STATIONS, stationsOf } from './stations';
import { VisitUnitSheet } from './VisitUnitSheet';

interface VisitWorkspaceProps {
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
const MemoSpeed = memo(SpeedPane);
const MemoLog = memo(ReadingsLog);

const LEFT_PANE = 432;

/** The step a visit was left at, if there is such a step still. */
const placeAt = (visitId: string) => STATIONS.find(({ id }) => id === lastPlace(visitId))?.id;

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
const useSetter = ({ whole, visit }: Shown, onChange: VisitWorkspaceProps['onChange']) =>
  useCallback((changed: VisitDto) => onChange(whole, intoWhole(whole, visit, changed)), [whole, visit, onChange]);

/** A visit, being made or saved: its stations, the result of all of them in sight, and the one thing to do next. */
export function VisitWorkspace({ visit: whole, onChange, onSave, under, actions, notice }: VisitWorkspaceProps) {
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
  const onWhole = useCallback((changed: VisitDto) => onChange(deferred.whole, changed), [onChange, deferred]);
  const drawnAssessment = useAssessment(drawn);
  const [station, setStation] = useState<StationId>(
    () => placeAt(whole.id) ?? (complaintSaid(whole) ? 'call' : 'pressure'),
  );
  useEffect(() => keepPlace(whole.id, station), [whole.id, station]);
  const [asked, setAsked] = useState<AskedPort>();
  const [method, setMethod] = useState<FactKind>();
  const [working, setWorking] = useState<{ title: string; verdict: Verdict }>();
  const [telling, setTelling] = useState(false);
  const step = nextStep(visit, assessment, onSave === undefined);
  const showWorking = useCallback((title: string, verdict: Verdict) => setWorking({ title, verdict }), []);
  const askPort = useCallback((port: PortId, filterOut = false) => setAsked({ port, filterOut }), []);
  const tellUnit = useCallback(() => setTelling(true), []);
  const goTo = useCallback((id: string) => setStation(id as StationId), []);
  const stations = useMemo(
    () => stationsOf({ visit: drawn, whole: deferred.whole, assessment: drawnAssessment, parted }),
    [drawn, deferred.whole, drawnAssessment, parted],
  );
  const acts = useMemo(
    (): StationActs => ({ onVisit: onDrawn, onWhole, askPort, askMethod: setMethod, showWorking, goTo, onSave }),
    [onDrawn, onWhole, askPort, showWorking, goTo, onSave],
  );
  // A place shows the whole visit as it is now: a form that is filled in must not be drawn from a moment ago.
  const placeActs = { ...acts, onWhole: (changed: VisitDto) => onChange(whole, changed) };
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
    else if (next.kind === 'stop') setStation(assessment.stop?.step ?? 'look');
    else if (next.kind === 'question') setStation('pressure');
    else if (next.kind === 'gauges') setStation('refrigerant');
    else setStation(next.kind === 'airflow' ? 'airflow' : 'look');
  };
  const doStep = () => {
    if (!step) return;
    if (step.kind === 'save') onSave?.();
    else if (step.kind === 'measure') measure(step.measure);
    else setTelling(true);
  };
  const paneWidth = wide ? LEFT_PANE - 32 : width - 32;
  // Where one finds out why no air moves, one need not be told again that none does. Fire and ice are said everywhere.
  const { stop } = assessment;
  const isAtItsPlace = stop?.id === 'air' && station === stop.step;
  const stopNotice = stop && !isAtItsPlace && <StopNotice stop={stop} />;
  const foot = (
    <VisitFoot
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
      {telling && (
        <VisitUnitSheet
          visit={visit}
          assessment={assessment}
          step={step}
          onVisit={onVisit}
          onStep={() => {
            setTelling(false);
            if (step?.kind === 'measure') measure(step.measure);
            else if (step?.kind === 'save') onSave?.();
          }}
          onClose={() => setTelling(false)}
        />
      )}
    </>
  );
  const run = <MemoStations stations={stations} here={station} onGo={goTo} />;
  const frame: Frame = ({ main, side, foot: footOf }) => {
    const pane = (
      <>
        {run}
        <ScrollView key={station} style={{ flex: 1 }} contentContainerStyle={{ padding: 16, gap: 16 }}>
          {notice}
          {stopNotice}
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
  const { Pane, Place } = STATIONS.find((plan) => plan.id === station)!;
  const shared = useMemo(() => ({ visit: drawn, assessment: drawnAssessment }), [drawn, drawnAssessment]);
  const props = useMemo(() => ({ ...shared, parted, acts, width: paneWidth }), [shared, parted, acts, paneWidth]);
  // The same element while nothing drawn has changed: the pass that shows a new result skips it.
  const pane = useMemo(
    () =>
      Pane && (
        <Guard what="This station" on={[station, props.visit]}>
          <Pane {...props} />
        </Guard>
      ),
    [Pane, station, props],
  );
  const below = station === 'pressure' && (
    <>
      {whole.unitId && <LastProven unitId={whole.unitId} visitId={whole.id} />}
      {!parted.plan && <LearntNotice visit={deferred.whole} onVisit={onWhole} />}
      {!wide && <MemoLog {...shared} />}
    </>
  );
  const place = Place ? (
    <Guard what="This station" on={[station, drawn]}>
      <Place {...props} acts={placeActs} whole={whole} wholeParted={now.parted} frame={frame} />
    </Guard>
  ) : (
    frame({
      main: (
        <>
          {pane}
          {below}
        </>
      ),
      side: (
        <>
          <MemoSpeed assessment={drawnAssessment} />
          <MemoLog {...shared} />
        </>
      ),
      foot,
    })
  );
  return (
    <Page
      title={splitTitle(whole.title).name}
      under={under ?? unitLine(visit)}
      underAction={parted.plan ? undefined : { label: `${unitLine(visit)}. Say what stands here`, onPress: tellUnit }}
      back="/"
      actions={actions}
      panes
    >
      {place}
      {sheets}
    </Page>
  );
}
