import { DRILL_PLANS, namedDrill, readCode, SKILL_NAMES } from '@huff/core/practice';
import { router, useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { ActionButton, Page, PageFoot, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { drillStore } from './drillStore';

/** A named drill: what it teaches, in which order, and the way into it. */
export function NamedDrillPage() {
  const { drill: id = '' } = useLocalSearchParams<{ drill: string }>();
  const drill = namedDrill(id);
  const read = drill && readCode(drill.code);
  if (!drill || !read?.ok)
    return (
      <Page title="Practice" back="/practice">
        <View style={{ padding: 16, gap: 12 }}>
          <Txt>There is no drill with this name.</Txt>
          <ActionButton onPress={() => router.replace('/practice')}>Choose a drill</ActionButton>
        </View>
      </Page>
    );
  const { kind, level, difficulty } = read.coded;
  const begin = (isExam: boolean) => {
    drillStore.begin(drill.code, isExam, new Date());
    router.push('/practice/drill');
  };
  const foot = (
    <PageFoot>
      <ActionButton onPress={() => begin(false)} aside={drill.code}>
        Begin this drill
      </ActionButton>
      <TextButton onPress={() => begin(true)}>As an exam, no hints</TextButton>
    </PageFoot>
  );
  return (
    <Page
      title={drill.name}
      under={`${DRILL_PLANS[kind].name} · level ${level} · ${difficulty} of 5`}
      back="/practice"
      foot={foot}
    >
      <View style={{ paddingHorizontal: 16, gap: 20 }}>
        <View style={{ gap: 6 }}>
          <Heading size={17}>What it teaches</Heading>
          {drill.teaches.map((line) => (
            <Txt key={line}>{line}</Txt>
          ))}
        </View>
        <View style={{ gap: 6 }}>
          <Heading size={17}>A good order</Heading>
          {drill.order.map((line, i) => (
            <Txt key={line}>{`${i + 1}. ${line}`}</Txt>
          ))}
        </View>
        <Txt size={15} color="softInk">
          {`Counts toward: ${DRILL_PLANS[kind].skills.map((skill) => SKILL_NAMES[skill]).join(', ')}.`}
        </Txt>
        <Txt size={15} color="softInk">
          Give the code to others: the same unit opens on any phone.
        </Txt>
      </View>
    </Page>
  );
}
