import type { VisitDto } from '@huff/contract';
import { splitTitle } from '@huff/contract/spine';
import { FLOW_METHOD_IDS } from '@huff/core';
import { memo, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { useWindowDimensions } from 'react-native';
import { Guard } from '../../ui/guard';
import { Page, TextButton } from '../../ui/page';
import { StationRun, StepList } from '../../ui/stations';
import { useIsWide } from '../../ui/theme';
import { complaintSaid } from '../call/stations';
import { useExplainedNext, useExplaining } from '../causes/useExplanation';
import { VisitFoot } from '../resultFoot/VisitFoot';
import { SpeedPane } from '../speed/SpeedPane';
import { LearntNotice } from '../units/LearntNotice';
import type { Frame } from '../visitState/frame';
import { useMeter } from '../visitState/meter';
import { StopNotice } from '../visitState/StopNotice';
import type { StationActs, StationId } from '../visitState/station';
import { unitLine } from '../visitState/unitWords';
import { useAssessment } from '../visitState/useAssessment';
import { keepPlace, lastPlace } from './lastPlace';
import { LastProven } from './LastProven';
import { ReadingsLog } from './ReadingsLog';
import { STATIONS, stationsOf } from './stations';
import { useShown, type OnChange } from './useShown';
import { useMeasure } from './useMeasure';
import { useNextStep } from './useNextStep';
import { VisitFrame, widePanes } from './VisitFrame';
import { useVisitSheets } from './useVisitSheets';
import { VisitSheets } from './VisitSheets';
import { WholeVisit } from '../visitState/WholeVisit';

interface VisitWorkspaceProps {
  readonly visit: VisitDto;
  readonly onChange: OnChange;
  /** Saves the visit; absent when it is saved already and each change is kept at once. */
  readonly onSave?: () => void;
  readonly under?: string;
  readonly actions?: ReactNode;
  readonly notice?: ReactNode;
  /** Where the arrow leads, where that is not Today. */
  readonly back?: string;
}

const MemoStations = memo(StationRun);
const MemoSteps = memo(StepList);
const MemoSpeed = memo(SpeedPane);
const MemoLog = memo(ReadingsLog);

/** The step a visit was left at, if there is such a step still. */
const placeAt = (visitId: string) => STATIONS.find(({ id }) => id === lastPlace(visitId))?.id;

/** A visit, being made or saved: its stations, the result of all of them in sight, and the one thing to do next. */
export function VisitWorkspace({
  visit: whole,
  onChange,
  onSave,
  under,
  actions,
  notice,
  back = '/',
}: VisitWorkspaceProps) {
  const wide = useIsWide();
  const practiceMeter = useMeter();
  const isSilent = practiceMeter?.isSilent === true;
  const { width } = useWindowDimensions();
  const { now, onVisit, deferred, onDrawn } = useShown(whole, onChange);
  const { visit } = now;
  const assessment = useAssessment(visit);
  const { visit: drawn, parted } = deferred;
  const drawnAssessment = useAssessment(drawn);
  const [station, setStation] = useState<StationId>(
    () => placeAt(whole.id) ?? (complaintSaid(whole) ? 'call' : 'pressure'),
  );
  useEffect(() => keepPlace(whole.id, station), [whole.id, station]);
  const sheets = useVisitSheets();
  const { askPort, askMethod, showWorking, tellUnit } = sheets;
  const goTo = useCallback((id: string) => setStation(id as StationId), []);
  const stations = useMemo(
    () => stationsOf({ visit: drawn, whole: deferred.whole, assessment: drawnAssessment, parted }, practiceMeter),
    [drawn, deferred.whole, drawnAssessment, parted, practiceMeter],
  );
  const measure = useMeasure({ goTo, askPort: sheets.askFor, askMethod, stopStep: assessment.stop?.step });
  const acts = useMemo(
    (): StationActs => ({ onVisit: onDrawn, askPort, askMethod, showWorking, goTo, measure, onSave }),
    [onDrawn, askPort, askMethod, showWorking, goTo, measure, onSave],
  );
  const changeWhole = useCallback((changed: VisitDto) => onChange(whole, changed), [onChange, whole]);
  useExplaining(drawn);
  const likeliest = useExplainedNext();
  const explained = isSilent ? undefined : likeliest;
  const { step, begin } = useNextStep(visit, assessment, { measure, tellUnit, onSave, explained });
  const paneWidth = wide ? widePanes(width).pane - 32 : width - 32;
  // Where one finds out why no air moves, one need not be told again that none does. Fire and ice are said everywhere.
  const { stop } = assessment;
  const isAtItsPlace = stop?.id === 'air' && station === stop.step;
  const foot = (
    <VisitFoot
      visit={visit}
      assessment={assessment}
      step={step}
      quiet={onSave === undefined}
      onStep={begin}
      onMeasure={measure}
      onWorking={showWorking}
    />
  );
  const Steps = wide ? MemoSteps : MemoStations;
  const run = <Steps stations={stations} here={station} onGo={goTo} />;
  const frame: Frame = (parts) => (
    <VisitFrame
      {...parts}
      station={station}
      run={run}
      above={
        <>
          {notice}
          {stop && !isAtItsPlace && <StopNotice stop={stop} />}
        </>
      }
      below={station !== 'found' && <TextButton onPress={sheets.addFinding}>Add a finding</TextButton>}
    />
  );
  const { Pane, Place } = STATIONS.find((plan) => plan.id === station)!;
  const shared = useMemo(() => ({ visit: drawn, assessment: drawnAssessment }), [drawn, drawnAssessment]);
  const props = useMemo(() => ({ ...shared, parted, acts, width: paneWidth }), [shared, parted, acts, paneWidth]);
  // The same element while nothing drawn has changed: the pass that shows a new result skips it.
  const pane = useMemo(
    () =>
      Pane && (
        <Guard what="This step" on={[station, props.visit]}>
          <Pane {...props} />
        </Guard>
      ),
    [Pane, station, props],
  );
  const below = station === 'pressure' && (
    <>
      {whole.unitId && <LastProven unitId={whole.unitId} visitId={whole.id} />}
      {(!parted.plan || drawn.readings.length > 0) && <LearntNotice visit={drawn} onVisit={onDrawn} />}
      {!wide && <MemoLog {...shared} />}
    </>
  );
  const place = Place ? (
    <Guard what="This step" on={[station, drawn]}>
      <Place {...props} wholeParted={now.parted} frame={frame} />
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
      underAction={{ label: `${unitLine(visit)}. Set up equipment`, onPress: tellUnit }}
      back={back}
      actions={actions}
      panes
    >
      <WholeVisit visit={whole} onVisit={changeWhole}>
        {place}
        <VisitSheets
          open={sheets}
          visit={visit}
          assessment={assessment}
          isPlanned={now.parted.plan !== undefined}
          step={step}
          onVisit={onVisit}
          onMethodDone={(done) => {
            if ((FLOW_METHOD_IDS as readonly string[]).includes(done)) setStation('airflow');
          }}
          onStep={begin}
        />
      </WholeVisit>
    </Page>
  );
}
