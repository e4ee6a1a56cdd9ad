import { writeDrillsCsv } from '@huff/contract/csv';
import type { DrillDto } from '@huff/contract';
import { NAMED_DRILLS, SKILL_NAMES, skillFigures, type SkillFigure } from '@huff/core/practice';
import { useState } from 'react';
import { View } from 'react-native';
import { drills } from '../../data/records';
import { saveFile } from '../../data/saveFile';
import { Choice } from '../../ui/form';
import { Columns, Page, TextButton } from '../../ui/page';
import { dateText, Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { drillResults } from './drillResults';

const NOBODY = 'nobody named';
const personOf = ({ person }: DrillDto) => person ?? NOBODY;
const nameOf = (code: string) => NAMED_DRILLS.find((drill) => drill.code === code)?.name ?? code;

/** The skills of each person from their drills, and a class by its case code. */
export function ProgressPage() {
  const { records } = drills.useList();
  const people = [...new Set(records.map(({ record }) => personOf(record)))].sort();
  const [chosen, setChosen] = useState<string>();
  const person = chosen ?? people[0];
  const of = records.filter(({ record }) => personOf(record) === person);
  const codes = [...new Set(records.map(({ record }) => record.code))];
  if (records.length === 0)
    return (
      <Page title="Progress" back="/practice">
        <View style={{ padding: 16 }}>
          <Txt>No drill was finished yet. Each one that is appears here, skill by skill.</Txt>
        </View>
      </Page>
    );
  const own = (
    <View style={{ gap: 16 }}>
      <Choice
        label="Person"
        options={people.map((id) => ({ id, text: id }))}
        chosen={person ?? null}
        onChoose={setChosen}
      />
      <View>
        <Heading size={18}>Skills</Heading>
        {skillFigures(drillResults(of))
          .filter(({ tries }) => tries > 0)
          .map((figure) => (
            <SkillRow key={figure.skill} figure={figure} />
          ))}
      </View>
      <TextButton
        onPress={() => saveFile('practice.csv', 'text/csv', writeDrillsCsv(records.map(({ record }) => record)))}
      >
        Save drills, CSV
      </TextButton>
    </View>
  );
  const byCase = (
    <View style={{ gap: 18 }}>
      <Heading size={18}>By case</Heading>
      {codes.map((code) => (
        <ClassTable
          key={code}
          title={nameOf(code)}
          code={code}
          rows={records.map(({ record }) => record).filter((record) => record.code === code)}
        />
      ))}
    </View>
  );
  return (
    <Page title="Progress" under="Found, minutes, cautions" back="/practice" broad>
      <Columns main={own} side={byCase} />
    </Page>
  );
}

/** One skill: each of the last tries as a mark, filled where it went right. */
function SkillRow({ figure }: { readonly figure: SkillFigure }) {
  const palette = usePalette();
  const { skill, hits, tries, last, dueMs } = figure;
  const due = dueMs === undefined ? '' : `again ${dateText(new Date(dueMs))}`;
  return (
    <View
      role="img"
      aria-label={`${SKILL_NAMES[skill]}: ${hits} of ${tries} right, ${due}`}
      style={{ borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8, gap: 6 }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'baseline' }}>
        <Txt bold style={{ flex: 1 }}>
          {SKILL_NAMES[skill]}
        </Txt>
        <Txt bold figures>{`${hits} of ${tries}`}</Txt>
      </View>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 5 }}>
        {last.map((how, i) => (
          <View
            key={i}
            style={{
              width: 16,
              height: 16,
              borderRadius: 8,
              borderWidth: 2,
              borderColor: how === 'hit' ? palette.ink : palette.action,
              backgroundColor: how === 'hit' ? palette.ink : 'transparent',
            }}
          />
        ))}
        <Txt size={14} color="softInk" align="right" style={{ flex: 1 }}>
          {due}
        </Txt>
      </View>
    </View>
  );
}

/** A case that several people did: who found it, in how many minutes, with how many cautions passed over. */
function ClassTable({
  title,
  code,
  rows,
}: {
  readonly title: string;
  readonly code: string;
  readonly rows: readonly DrillDto[];
}) {
  const palette = usePalette();
  const inOrder = [...rows].sort((a, b) => Number(b.isHit) - Number(a.isHit) || a.minutes - b.minutes);
  return (
    <View role="table" aria-label={`${title}, ${code}`}>
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 8, paddingBottom: 4 }}>
        <Txt bold style={{ flex: 1 }}>
          {title}
        </Txt>
        <Txt size={14} color="softInk" figures>
          {code}
        </Txt>
      </View>
      {inOrder.map((drill) => (
        <View
          key={drill.id}
          role="row"
          style={{
            flexDirection: 'row',
            gap: 8,
            minHeight: 34,
            alignItems: 'center',
            borderTopWidth: 1,
            borderColor: palette.line,
          }}
        >
          <Txt role="cell" size={15} style={{ flex: 1 }}>
            {personOf(drill)}
          </Txt>
          <Txt role="cell" size={15} style={{ width: 84 }}>
            {drill.isStopped ? 'stopped' : drill.isHit ? 'found' : 'not found'}
          </Txt>
          <Txt role="cell" size={15} figures align="right" style={{ width: 96 }}>
            {`${drill.minutes} of ${drill.bestMinutes} min`}
          </Txt>
        </View>
      ))}
    </View>
  );
}
