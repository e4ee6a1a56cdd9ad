import { standingPlan, type VisitDto } from '@huff/contract';
import { readKept } from '@huff/core';
import { DRILL_PLANS, hasFix, meterShows, NAMED_DRILLS, type Cabinet, type PracticeCase } from '@huff/core/practice';
import { router } from 'expo-router';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { ActionButton, Page, TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { keepPlace } from '../visit/lastPlace';
import { VisitWorkspace } from '../visit/VisitWorkspace';
import { MeterProvider } from '../visitState/meter';
import { AnswerSheet } from './AnswerSheet';
import { CabinetView } from './CabinetView';
import { DebriefPage } from './DebriefPage';
import { drillStore, useDrill, type OpenDrill } from './drillStore';
import { prepareDebrief } from './runPractice';
import { useCabinet } from './useCabinet';

/** The drill that is open: at its unit, in its visit, or its debrief. */
export function DrillPage() {
  const drill = useDrill();
  if (!drill)
    return (
      <Page title="Practice" back="/practice">
        <View style={{ padding: 16, gap: 12 }}>
          <Txt>No drill is open.</Txt>
          <ActionButton onPress={() => router.replace('/practice')}>Choose a drill</ActionButton>
        </View>
      </Page>
    );
  return drill.isOver ? <DebriefPage key={drill.id} drill={drill} /> : <Running key={drill.id} drill={drill} />;
}

function Running({ drill }: { readonly drill: OpenDrill }) {
  const { practice, cabinet, runs, truth } = useCabinet(drill);
  const [inVisit, setInVisit] = useState(false);
  const [naming, setNaming] = useState(false);
  const { visit, acts, isExam } = drill;
  useEffect(() => prepareDebrief(drill.code), [drill.code]);
  const title = NAMED_DRILLS.find(({ code }) => code === drill.code)?.name ?? DRILL_PLANS[practice.kind].name;
  const meter = useMemo(
    () => ({
      shows: (point: string) => meterShows(practice, cabinet, point),
      // Where no power is followed every point is typed as at a visit.
      isOn: (point: string) => !practice.power || acts.some((act) => act.kind === 'meter' && act.point === point),
      touch: (point: string) => drillStore.act({ kind: 'meter', point }),
      isSilent: isExam,
    }),
    [practice, cabinet, acts, isExam],
  );
  const onChange = useCallback((_: VisitDto, to: VisitDto) => drillStore.write(to), []);
  const openVisit = (station?: 'power' | 'fix' | 'prove') => {
    if (station) keepPlace(visit.id, station);
    setInVisit(true);
  };
  if (inVisit)
    return (
      <MeterProvider value={meter}>
        <VisitWorkspace
          visit={visit}
          onChange={onChange}
          under={`level ${practice.level} · ${Math.round(cabinet.minutes)} min so far`}
          back="/practice"
          notice={
            <View style={{ paddingHorizontal: 16 }}>
              <TextButton onPress={() => setInVisit(false)}>Back to the unit</TextButton>
            </View>
          }
        />
      </MeterProvider>
    );
  return (
    <>
      <CabinetView
        drill={drill}
        practice={practice}
        cabinet={cabinet}
        runs={runs}
        truth={truth}
        title={title}
        after={
          <After
            visit={visit}
            practice={practice}
            cabinet={cabinet}
            onName={() => setNaming(true)}
            onVisit={openVisit}
          />
        }
      />
      <AnswerSheet
        practice={practice}
        acts={drill.acts}
        isExam={drill.isExam}
        open={naming}
        onAnswer={(causes) => {
          drillStore.act({ kind: 'answer', causes });
          setNaming(false);
        }}
        onClose={() => setNaming(false)}
      />
    </>
  );
}

interface AfterProps {
  readonly visit: VisitDto;
  readonly practice: PracticeCase;
  readonly cabinet: Cabinet;
  readonly onName: () => void;
  readonly onVisit: (station?: 'power' | 'fix' | 'prove') => void;
}

/** What follows the readings: name the cause, choose the fix, do it, prove it, and see how it went. */
function After({ visit, practice, cabinet, onName, onVisit }: AfterProps) {
  const answer = cabinet.answers.at(-1);
  const plan = standingPlan(visit);
  const isDone = cabinet.done.length + cabinet.repaired.length > 0;
  if (!answer)
    return (
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        <TextButton onPress={() => onVisit(practice.power ? 'power' : undefined)}>
          {practice.power ? 'Follow the power' : 'Open the visit'}
        </TextButton>
        <TextButton onPress={onName}>Name the cause</TextButton>
      </View>
    );
  const moves = plan && !isDone ? plan.record.moves : undefined;
  // What no fix of the air takes away is repaired as it was named.
  const isByFix = !practice.power && answer.some(hasFix);
  return (
    <View style={{ gap: 6 }}>
      {moves && (
        <ActionButton
          onPress={() =>
            drillStore.act({ kind: 'work', moves, repairs: [], predictedCfm: plan!.record.promise.flowCfm })
          }
          aside={`${plan!.record.minutes} min`}
        >
          Do the work
        </ActionButton>
      )}
      {moves && (
        <Txt size={14} color="softInk">
          {plan!.record.words.map(readKept).join(', ')}
        </Txt>
      )}
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        {isDone ? (
          <TextButton onPress={() => onVisit('prove')}>Verify it</TextButton>
        ) : isByFix ? (
          <TextButton onPress={() => onVisit('fix')}>{plan ? 'Change the fix' : 'Choose the fix'}</TextButton>
        ) : (
          <TextButton onPress={() => drillStore.act({ kind: 'work', moves: [], repairs: answer })}>
            Repair what I named
          </TextButton>
        )}
        <TextButton onPress={() => drillStore.finish()}>See the debrief</TextButton>
      </View>
    </View>
  );
}
