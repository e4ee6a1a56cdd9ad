import type { VisitDto } from '@huff/contract';
import type { PortId, Verdict } from '@huff/core';
import { useRef, useState, type ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Airway, stagesText } from '../../ui/airway';
import { Crossing } from '../../ui/crossing';
import { ActionButton, Page } from '../../ui/page';
import { StationRun } from '../../ui/stations';
import { Heading, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { WorkingSheet } from '../../ui/working';
import { AdvicePane } from './AdvicePane';
import { unitLine } from './motorText';
import { nextStep } from './nextStep';
import { PortKeypad } from './PortKeypad';
import { ReadingsLog } from './ReadingsLog';
import { ResultStrip } from './ResultStrip';
import { stationsOf, type StationId } from './stations';
import { TablePicker } from './TablePicker';
import { UnitPane } from './UnitPane';
import { useAssessment } from './useAssessment';
import { onTable } from './newVisit';

interface CheckWorkspaceProps {
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
  /** Saves the visit; absent when it is saved already and each change is kept at once. */
  readonly onSave?: () => void;
  readonly under?: string;
  readonly actions?: ReactNode;
  readonly notice?: ReactNode;
}

/** A check, being made or saved: the unit, the Airway with its ports, the Crossing, and what to do about the speed. */
export function CheckWorkspace({ visit, onVisit, onSave, under, actions, notice }: CheckWorkspaceProps) {
  const palette = usePalette();
  const wide = useIsWide();
  const { width } = useWindowDimensions();
  const assessment = useAssessment(visit);
  const [port, setPort] = useState<PortId>();
  const [looked, setLooked] = useState<string>();
  const [working, setWorking] = useState<{ title: string; verdict: Verdict }>();
  const [picking, setPicking] = useState(false);
  const scroller = useRef<ScrollView>(null);
  const tops = useRef<Partial<Record<StationId, number>>>({});
  const { judgement, advice, next, pressures } = assessment;
  const looking = looked ?? advice.tap;
  const step = nextStep(visit, assessment, onSave === undefined);
  const goTo = (id: string) =>
    scroller.current?.scrollTo({ y: Math.max(0, (tops.current[id as StationId] ?? 0) - 8), animated: true });
  const doStep = () => {
    if (!step) return;
    if (step.kind === 'chooseTable') setPicking(true);
    else if (step.kind === 'read') setPort(step.port);
    else if (step.kind === 'save') onSave?.();
    else goTo('unit');
  };
  const showWorking = (title: string, verdict: Verdict) => setWorking({ title, verdict });
  const paneWidth = wide ? 400 : width - 32;
  const section = (id: StationId, children: ReactNode) => (
    <View
      onLayout={(e) => {
        tops.current[id] = e.nativeEvent.layout.y;
      }}
    >
      {children}
    </View>
  );
  const airway = (
    <Airway
      layout={visit.layout}
      stretches={judgement.stretches}
      pressures={pressures}
      width={paneWidth}
      next={next?.port}
      liftInWc={judgement.tespInWc}
      onPort={setPort}
      onWorking={(stretch) => showWorking(stagesText(stretch.stages), stretch.verdict)}
    />
  );
  const crossing = judgement.system ? (
    <View style={{ gap: 4 }}>
      <Heading size={17}>Where fan and ducts meet</Heading>
      <Crossing judgement={judgement} tap={looking} />
    </View>
  ) : (
    <View style={{ gap: 4 }}>
      <Heading size={17}>Where fan and ducts meet</Heading>
      <Txt color="softInk">{judgement.airflow.sentence}</Txt>
    </View>
  );
  const advicePane = <AdvicePane advice={advice} looking={looking} onLook={setLooked} />;
  const foot = (
    <View
      style={{
        paddingHorizontal: 16,
        paddingTop: 4,
        paddingBottom: 10,
        gap: 6,
        borderTopWidth: 1.5,
        borderColor: palette.ink,
        backgroundColor: palette.paper,
      }}
    >
      <ResultStrip visit={visit} assessment={assessment} onWorking={showWorking} />
      {step && step.why !== '' && (
        <Txt size={14} color="softInk" numberOfLines={2}>
          {step.why}
        </Txt>
      )}
      {step && (
        <ActionButton onPress={doStep} quiet={onSave === undefined}>
          {step.words}
        </ActionButton>
      )}
    </View>
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
  const head = { title: visit.title, under: under ?? unitLine(visit), back: '/', actions } as const;
  if (wide) {
    return (
      <Page {...head} panes>
        <View style={{ width: 432, borderRightWidth: 1, borderColor: palette.line }}>
          <ScrollView contentContainerStyle={{ padding: 16, paddingTop: 4, gap: 16 }}>
            {notice}
            <UnitPane visit={visit} onVisit={onVisit} />
            {airway}
          </ScrollView>
          {foot}
        </View>
        <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 20, paddingTop: 4, gap: 20, maxWidth: 760 }}>
          {crossing}
          {advicePane}
          <ReadingsLog visit={visit} assessment={assessment} />
        </ScrollView>
        {sheets}
      </Page>
    );
  }
  return (
    <Page {...head} foot={foot} panes>
      <View style={{ flex: 1 }}>
        <StationRun stations={stationsOf(visit, assessment)} onGo={goTo} />
        <ScrollView ref={scroller} style={{ flex: 1 }} contentContainerStyle={{ padding: 16, gap: 20 }}>
          {notice}
          {section('unit', <UnitPane visit={visit} onVisit={onVisit} />)}
          {section('pressure', airway)}
          {section('airflow', crossing)}
          {section('speed', advicePane)}
          <ReadingsLog visit={visit} assessment={assessment} />
        </ScrollView>
      </View>
      {sheets}
    </Page>
  );
}
