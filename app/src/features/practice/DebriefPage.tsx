import type { DrillDto } from '@huff/contract';
import { flowText } from '@huff/core';
import { SKILLS, stepWords, titleOf, type Debrief, type PathStep, type PracticeCase } from '@huff/core/practice';
import { router } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { drills } from '../../data/records';
import { useSession } from '../../data/session';
import { useShop } from '../../data/useShop';
import { VerdictMark } from '../../ui/marks';
import { ActionButton, Columns, Page, PageFoot } from '../../ui/page';
import { moneyText } from '../../ui/text/effortText';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { caseOf, drillStore, type OpenDrill } from './drillStore';
import { computeDebrief } from './runPractice';

/** How a drill is kept: the same id for the same drill, so that it is kept once. */
const resultOf = (drill: OpenDrill, went: Debrief, person: string | undefined): DrillDto => ({
  id: drill.id,
  code: drill.code,
  person: person ?? null,
  doneAt: new Date().toISOString(),
  isExam: drill.isExam,
  isHit: went.isHit,
  isOnTarget: went.fix?.isOnTarget ?? null,
  isStopped: went.stop !== undefined,
  minutes: Math.round(went.minutes),
  bestMinutes: Math.round(went.bestMinutes),
  cost: Math.round(went.cost),
  hints: went.hints,
  cautions: went.skipped.length,
  hits: SKILLS.filter((skill) => went.skills[skill] === 'hit'),
  misses: SKILLS.filter((skill) => went.skills[skill] === 'miss'),
});

/** What was wrong, the path beside the shortest good one, and the one thing to do differently. */
export function DebriefPage({ drill }: { readonly drill: OpenDrill }) {
  const practice = caseOf(drill.code);
  const [went, setWent] = useState<Debrief>();
  const [problem, setProblem] = useState<string>();
  const { session, isUnknown } = useSession();
  const { records, isPending } = drills.useList();
  const isKept = records.some(({ record }) => record.id === drill.id);
  useEffect(() => {
    let live = true;
    computeDebrief(drill.code, drill.acts).then(
      (debrief) => live && setWent(debrief),
      () => live && setProblem('The debrief could not be computed. Open the drill again.'),
    );
    return () => {
      live = false;
    };
  }, [drill]);
  const isReady = went !== undefined && !isPending && !isKept && (session !== undefined || isUnknown);
  useEffect(() => {
    if (isReady) drills.create(resultOf(drill, went, session?.person?.name));
  }, [isReady, drill, went, session]);
  const close = () => {
    drillStore.leave();
    router.replace('/practice');
  };
  const foot = (
    <PageFoot broad>
      <ActionButton onPress={close}>Next drill</ActionButton>
    </PageFoot>
  );
  return (
    <Page title="Debrief" under={`case ${drill.code}`} back="/practice" foot={foot} broad>
      {problem && <Txt role="alert">{problem}</Txt>}
      {!went && !problem && (
        <Txt color="softInk" style={{ padding: 16 }}>
          Comparing your path with the best one…
        </Txt>
      )}
      {went && <Columns main={<Outcome went={went} />} side={<Paths practice={practice} went={went} />} />}
    </Page>
  );
}

function Outcome({ went }: { readonly went: Debrief }) {
  const palette = usePalette();
  const { currency } = useShop();
  const { stop, isHit, truth, named, lookAlike, skipped, fix, toldMost } = went;
  const title = stop !== undefined ? 'Stopped' : isHit ? 'You found it' : 'Not this time';
  return (
    <View style={{ gap: 18 }}>
      <View
        style={{ borderLeftWidth: 4, borderColor: isHit ? palette.supply : palette.action, paddingLeft: 12, gap: 4 }}
      >
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <Heading size={21} style={{ flex: 1 }}>
            {title}
          </Heading>
          <VerdictMark word={isHit ? 'inside' : 'outside'} />
        </View>
        {stop !== undefined && <Txt role="alert">{stop}</Txt>}
        <Txt>{`It was: ${truth.join(' and ')}.`}</Txt>
        {named.length > 0 && <Txt color="softInk">{`You named: ${named.join(' and ')}.`}</Txt>}
        {lookAlike !== undefined && <Txt size={15} color="softInk">{`It only looked like: ${lookAlike}.`}</Txt>}
      </View>
      <View style={{ backgroundColor: palette.edge, borderRadius: 6, padding: 14, gap: 4 }}>
        <Txt size={14} color="softInk">
          One thing to do differently
        </Txt>
        <Txt bold>{went.differently}</Txt>
      </View>
      <View style={{ flexDirection: 'row', gap: 24, flexWrap: 'wrap' }}>
        <Figure name="Minutes" text={`${Math.round(went.minutes)}`} under={`best ${Math.round(went.bestMinutes)}`} />
        <Figure name="Spent" text={moneyText(went.cost, currency)} />
        <Figure name="Hints" text={String(went.hints)} />
        {fix?.predictedCfm !== undefined && <Figure name="Predicted" text={flowText(fix.predictedCfm)} />}
        {fix && (
          <Figure
            name="Airflow after"
            text={flowText(fix.flowCfm)}
            under={fix.isOnTarget ? 'on target' : `target ${flowText(fix.targetCfm)}`}
          />
        )}
      </View>
      {toldMost.length > 0 && <Txt size={15}>{`Most telling: ${toldMost.join(', ')}.`}</Txt>}
      {skipped.length > 0 && (
        <View style={{ gap: 4 }}>
          <Heading size={17}>Passed over</Heading>
          {skipped.map((line) => (
            <Txt key={line} size={15}>
              {line}
            </Txt>
          ))}
        </View>
      )}
    </View>
  );
}

function Figure({ name, text, under }: { readonly name: string; readonly text: string; readonly under?: string }) {
  return (
    <View>
      <Txt size={14} color="softInk">
        {name}
      </Txt>
      <Txt size={24} bold figures>
        {text}
      </Txt>
      {under !== undefined && (
        <Txt size={14} color="softInk" figures>
          {under}
        </Txt>
      )}
    </View>
  );
}

function Paths({ practice, went }: { readonly practice: PracticeCase; readonly went: Debrief }) {
  const { steps, best, then, now } = went;
  const odds = (list: Debrief['now']) =>
    list.map(({ id, share }) => `${titleOf(practice, id)} ${Math.round(100 * share)} %`).join(', ');
  return (
    <View style={{ gap: 18 }}>
      <PathList title="Your path" steps={steps} />
      <PathList title="Shortest good path" steps={best} />
      {then.length > 0 && (
        <View style={{ gap: 4 }}>
          <Heading size={17}>What was likely</Heading>
          <Txt size={15}>{`After your first reading: ${odds(then)}.`}</Txt>
          <Txt size={15}>{`At the end: ${odds(now)}.`}</Txt>
        </View>
      )}
    </View>
  );
}

/** Steps of a path, each with how likely the truth was after it. */
function PathList({ title, steps }: { readonly title: string; readonly steps: readonly PathStep[] }) {
  const palette = usePalette();
  return (
    <View>
      <Heading size={17}>{title}</Heading>
      {steps.length === 0 && (
        <Txt size={15} color="softInk">
          Nothing was read.
        </Txt>
      )}
      {steps.map(({ id, minutes, truthShare }, i) => (
        <View
          key={`${id} ${i}`}
          role="img"
          aria-label={`${stepWords(id)}, ${minutes} min, truth ${Math.round(100 * truthShare)} % likely`}
          style={{ flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 32 }}
        >
          <Txt size={15} style={{ flex: 1 }}>
            {stepWords(id)}
          </Txt>
          <View style={{ width: 84, height: 10, backgroundColor: palette.trough }}>
            <View style={{ width: 84 * truthShare, height: 10, backgroundColor: palette.ink }} />
          </View>
          <Txt size={14} figures align="right" style={{ width: 40 }}>
            {`${Math.round(100 * truthShare)} %`}
          </Txt>
        </View>
      ))}
    </View>
  );
}
