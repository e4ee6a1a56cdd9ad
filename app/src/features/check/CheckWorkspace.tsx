import type { VisitDto } from '@huff/contract';
import type { PortId, Verdict } from '@huff/core';
import { memo, useCallback, useDeferredValue, useMemo, useRef, useState, type ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { useAhead } from '../../data/useAhead';
import { Airway, stagesText } from '../../ui/airway';
import { Crossing } from '../../ui/crossing';
import { Page } from '../../ui/page';
import { StationRun } from '../../ui/stations';
import { Heading, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { WorkingSheet } from '../../ui/working';
import { AdvicePane } from './AdvicePane';
import { CheckFoot } from './CheckFoot';
import { splitTitle, unitLine } from './motorText';
import { onTable } from './newVisit';
import { nextStep } from './nextStep';
import { PortKeypad } from './PortKeypad';
import { ReadingsLog } from './ReadingsLog';
import { stationsOf, type StationId } from './stations';
import { TablePicker } from './TablePicker';
import { UnitPane } from './UnitPane';
import { useAssessment, type Assessment } from './useAssessment';

interface CheckWorkspaceProps {
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
  /** Saves the visit; absent when it is saved already and each change is kept at once. */
  readonly onSave?: () => void;
  readonly under?: string;
  readonly actions?: ReactNode;
  readonly notice?: ReactNode;
}

type ShowWorking = (title: string, verdict: Verdict) => void;

const MemoStations = memo(StationRun);
const MemoUnit = memo(UnitPane);
const MemoAdvice = memo(AdvicePane);
const MemoLog = memo(ReadingsLog);

/** A check, being made or saved: the unit, the Airway with its ports, the Crossing, and what to do about the speed. */
export function CheckWorkspace({ visit: stored, onVisit: store, onSave, under, actions, notice }: CheckWorkspaceProps) {
  const palette = usePalette();
  const wide = useIsWide();
  const [visit, onVisit] = useAhead(stored, store);
  const assessment = useAssessment(visit);
  // Verdict strip and keypad follow a reading at once; the drawings come in the next pass, so that they never hold them up.
  const drawn = useDeferredValue(visit);
  const drawnAssessment = useAssessment(drawn);
  const [port, setPort] = useState<PortId>();
  const [looked, setLooked] = useState<string>();
  const [working, setWorking] = useState<{ title: string; verdict: Verdict }>();
  const [picking, setPicking] = useState(false);
  const scroller = useRef<ScrollView>(null);
  const tops = useRef<Partial<Record<StationId, number>>>({});
  const step = nextStep(visit, assessment, onSave === undefined);
  const stations = useMemo(() => stationsOf(drawn, drawnAssessment), [drawn, drawnAssessment]);
  const goTo = useCallback(
    (id: string) =>
      scroller.current?.scrollTo({ y: Math.max(0, (tops.current[id as StationId] ?? 0) - 8), animated: true }),
    [],
  );
  const doStep = () => {
    if (!step) return;
    if (step.kind === 'chooseTable') setPicking(true);
    else if (step.kind === 'read') setPort(step.port);
    else if (step.kind === 'save') onSave?.();
    else goTo('unit');
  };
  const showWorking = useCallback<ShowWorking>((title, verdict) => setWorking({ title, verdict }), []);
  const section = (id: StationId, children: ReactNode) => (
    <View
      onLayout={(e) => {
        tops.current[id] = e.nativeEvent.layout.y;
      }}
    >
      {children}
    </View>
  );
  const unit = <MemoUnit visit={drawn} onVisit={onVisit} />;
  const airway = <AirwayPane visit={drawn} assessment={drawnAssessment} onPort={setPort} onWorking={showWorking} />;
  const looking = looked ?? drawnAssessment.advice.tap;
  const crossing = <CrossingPane assessment={drawnAssessment} looking={looking} />;
  const advice = <MemoAdvice advice={drawnAssessment.advice} looking={looking} onLook={setLooked} />;
  const log = <MemoLog visit={drawn} assessment={drawnAssessment} />;
  const foot = (
    <CheckFoot
      visit={visit}
      assessment={assessment}
      step={step}
      quiet={onSave === undefined}
      onStep={doStep}
      onWorking={showWorking}
    />
  );
  const sheets = (
    <>
      <PortKeypad visit={visit} assessment={assessment} port={port} onVisit={onVisit} onPort={setPort} />
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
  const head = { title: splitTitle(visit.title).name, under: under ?? unitLine(visit), back: '/', actions } as const;
  if (wide) {
    return (
      <Page {...head} panes>
        <View style={{ width: 432, borderRightWidth: 1, borderColor: palette.line }}>
          <ScrollView contentContainerStyle={{ padding: 16, paddingTop: 4, gap: 16 }}>
            {notice}
            {unit}
            {airway}
          </ScrollView>
          {foot}
        </View>
        <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 20, paddingTop: 4, gap: 20, maxWidth: 760 }}>
          {crossing}
          {advice}
          {log}
        </ScrollView>
        {sheets}
      </Page>
    );
  }
  return (
    <Page {...head} foot={foot} panes>
      <View style={{ flex: 1 }}>
        <MemoStations stations={stations} onGo={goTo} />
        <ScrollView ref={scroller} style={{ flex: 1 }} contentContainerStyle={{ padding: 16, gap: 20 }}>
          {notice}
          {section('unit', unit)}
          {section('pressure', airway)}
          {section('airflow', crossing)}
          {section('speed', advice)}
          {log}
        </ScrollView>
      </View>
      {sheets}
    </Page>
  );
}

interface AirwayPaneProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly onPort: (port: PortId) => void;
  readonly onWorking: ShowWorking;
}

const AirwayPane = memo(function AirwayPane({ visit, assessment, onPort, onWorking }: AirwayPaneProps) {
  const wide = useIsWide();
  const { width } = useWindowDimensions();
  const { judgement, next, pressures } = assessment;
  return (
    <Airway
      layout={visit.layout}
      stretches={judgement.stretches}
      pressures={pressures}
      width={wide ? 400 : width - 32}
      next={next?.port}
      liftInWc={judgement.tespInWc}
      onPort={onPort}
      onWorking={(stretch) => onWorking(stagesText(stretch.stages), stretch.verdict)}
    />
  );
});

const CrossingPane = memo(function CrossingPane({
  assessment: { judgement },
  looking,
}: {
  readonly assessment: Assessment;
  readonly looking?: string;
}) {
  return (
    <View style={{ gap: 4 }}>
      <Heading size={17}>Where fan and ducts meet</Heading>
      {judgement.system ? (
        <Crossing judgement={judgement} tap={looking} />
      ) : (
        <Txt color="softInk">{judgement.airflow.sentence}</Txt>
      )}
    </View>
  );
});
