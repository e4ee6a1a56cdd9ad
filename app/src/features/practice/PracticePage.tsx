import {
  DRILL_KINDS,
  DRILL_PLANS,
  dueSkills,
  LEVELS,
  NAMED_DRILLS,
  readCode,
  SKILL_NAMES,
  skillFigures,
  type DrillKind,
  type Level,
} from '@huff/core/practice';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { drills } from '../../data/records';
import { useSession } from '../../data/session';
import { Choice } from '../../ui/form';
import { ListRow, ListSection } from '../../ui/list';
import { ActionButton, Columns, Page } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { drillResults } from './drillResults';
import { drillStore, useDrill } from './drillStore';
import { drawCode } from './runPractice';

const LEVEL_WORDS: Readonly<Record<Level, string>> = { 1: 'one fault', 2: 'two faults', 3: 'a look-alike' };

/** The drill that needs no reading. */
const FIRST = 'firstLook';

/** Begins a drill and goes to it. */
function start(code: string, isExam: boolean): void {
  drillStore.begin(code, isExam, new Date());
  router.push('/practice/drill');
}

/** Practice: the drill that is open, a new one, a code, the named ones, and how one is doing. */
export function PracticePage() {
  const open = useDrill();
  const { records } = drills.useList();
  const { session } = useSession();
  const mine = drillResults(records, session?.person?.name);
  const [opened] = useState(() => Date.now());
  const due = dueSkills(skillFigures(mine), opened);
  const main = (
    <View style={{ gap: 22 }}>
      {open && (
        <ActionButton onPress={() => router.push('/practice/drill')} aside={open.code}>
          {open.isOver ? 'See the debrief' : 'Go on with the drill'}
        </ActionButton>
      )}
      {mine.length === 0 && !open && (
        <View style={{ gap: 10 }}>
          <Txt>
            Measure a unit with a hidden fault. Name the cause, fix it, verify it. The first one takes two minutes.
          </Txt>
          <ActionButton onPress={() => router.push(`/practice/${FIRST}`)} aside="2 min">
            Begin with the first
          </ActionButton>
        </View>
      )}
      <NewDrill quiet={mine.length === 0 && !open} />
      <CaseCode />
      {due.length > 0 && (
        <View style={{ gap: 4 }}>
          <Heading size={17}>Due again</Heading>
          <Txt size={15}>{`${due.map(({ skill }) => SKILL_NAMES[skill]).join(', ')}.`}</Txt>
        </View>
      )}
      <ListSection title="Your record">
        <ListRow
          name="Progress and class"
          under={mine.length === 1 ? '1 drill done' : `${mine.length} drills done`}
          onPress={() => router.push('/practice/progress')}
        />
      </ListSection>
    </View>
  );
  const named = (
    <ListSection title="Named drills">
      {NAMED_DRILLS.map(({ id, name, code, teaches }) => {
        const read = readCode(code);
        const isDone = mine.some((result) => result.code === code && result.isHit);
        return (
          <ListRow
            key={id}
            name={name}
            under={teaches[0]}
            says={
              isDone ? 'found' : id === FIRST ? 'start here' : read.ok ? `${read.coded.difficulty} of 5` : undefined
            }
            onPress={() => router.push(`/practice/${id}`)}
          />
        );
      })}
    </ListSection>
  );
  return (
    <Page title="Practice" under="Units with hidden faults; nobody gets hurt" back="/" broad>
      <Columns main={main} side={named} />
    </Page>
  );
}

/** A new case of a kind and a level. */
function NewDrill({ quiet }: { readonly quiet: boolean }) {
  const [kind, setKind] = useState<DrillKind>('filterOrDuct');
  const [level, setLevel] = useState<Level>(1);
  const [mode, setMode] = useState<'coach' | 'exam'>('coach');
  const [drawing, setDrawing] = useState(false);
  const [problem, setProblem] = useState<string>();
  const begin = () => {
    setDrawing(true);
    setProblem(undefined);
    drawCode(kind, level)
      .then((code) => start(code, mode === 'exam'))
      .catch(() => setProblem('No case could be drawn. Choose another level, or a named drill.'))
      .finally(() => setDrawing(false));
  };
  return (
    <View style={{ gap: 12 }}>
      <Choice
        as="rows"
        label="Drill"
        options={DRILL_KINDS.map((id) => ({ id, text: DRILL_PLANS[id].name }))}
        chosen={kind}
        onChoose={setKind}
      />
      <Txt size={15} color="softInk">
        {DRILL_PLANS[kind].says}
      </Txt>
      <Choice
        as="strip"
        label="Level"
        options={LEVELS.map((id) => ({ id: String(id), text: LEVEL_WORDS[id] }))}
        chosen={String(level)}
        onChoose={(id) => setLevel(Number(id) as Level)}
      />
      <Choice
        as="strip"
        label="Coach"
        options={[
          { id: 'coach', text: 'with hints' },
          { id: 'exam', text: 'exam, no hints' },
        ]}
        chosen={mode}
        onChoose={setMode}
      />
      {problem !== undefined && <Txt role="alert">{problem}</Txt>}
      <ActionButton quiet={quiet} onPress={begin} disabled={drawing}>
        {drawing ? 'Drawing a case…' : 'Begin a drill'}
      </ActionButton>
    </View>
  );
}

/** A code that somebody gave: the same case on any phone. */
function CaseCode() {
  const [typed, setTyped] = useState('');
  const [why, setWhy] = useState<string>();
  const open = () => {
    const read = readCode(typed);
    if (read.ok) start(read.code, false);
    else setWhy(read.why);
  };
  return (
    <View style={{ gap: 8 }}>
      <TextInput
        mode="outlined"
        label="Case code"
        accessibilityLabel="Case code"
        value={typed}
        autoCapitalize="characters"
        autoCorrect={false}
        onChangeText={(text) => {
          setTyped(text);
          setWhy(undefined);
        }}
        onSubmitEditing={open}
      />
      {why !== undefined && (
        <Txt role="alert" color="action">
          {why}
        </Txt>
      )}
      <ActionButton quiet onPress={open} disabled={typed.trim() === ''}>
        Open this case
      </ActionButton>
    </View>
  );
}
