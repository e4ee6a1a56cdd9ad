import { VERDICT_TEXT, type VerdictWord } from '@huff/core';
import { router } from 'expo-router';
import { View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { Page, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { Drawn } from './Drawn';
import { ANSWERS, FIRST_VISIT, type GuideStep } from './guideWords';

/** A first visit in ten steps, what the marks mean, what works without a signal, where the data lies. */
export function GuidePage() {
  const wide = useIsWide();
  const width = wide ? 520 : 358;
  return (
    <Page title="Guide" under="Your first visit in ten steps" back="/settings">
      <View style={{ paddingHorizontal: 16, gap: 22 }}>
        {FIRST_VISIT.map((step, i) => (
          <Step key={step.title} step={step} place={i + 1} width={width} />
        ))}
        <TextButton onPress={() => router.push('/quick')}>Start a quick check</TextButton>
        {ANSWERS.map(({ title, words }) => (
          <View key={title} style={{ gap: 6 }}>
            <Heading size={19}>{title}</Heading>
            {words.map((paragraph) => (
              <Txt key={paragraph}>{paragraph}</Txt>
            ))}
          </View>
        ))}
      </View>
    </Page>
  );
}

interface StepProps {
  readonly step: GuideStep;
  readonly place: number;
  readonly width: number;
}

function Step({ step: { title, words, picture }, place, width }: StepProps) {
  const palette = usePalette();
  return (
    <View style={{ flexDirection: 'row', gap: 14 }}>
      <View
        style={{
          width: 34,
          height: 34,
          borderRadius: 17,
          borderWidth: 1.5,
          borderColor: palette.ink,
          alignItems: 'center',
          justifyContent: 'center',
        }}
      >
        <Txt bold figures>
          {String(place)}
        </Txt>
      </View>
      <View style={{ flex: 1, gap: 8 }}>
        <Heading size={17}>{title}</Heading>
        <Txt>{words}</Txt>
        {picture === 'marks' && <Marks />}
        {(picture === 'airway' || picture === 'crossing') && <Drawn what={picture} width={width - 48} />}
      </View>
    </View>
  );
}

const WORDS: readonly VerdictWord[] = ['inside', 'atTheEdge', 'outside', 'cantSay'];

function Marks() {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 22, rowGap: 8 }}>
      {WORDS.map((word) => (
        <View key={word} style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <VerdictMark word={word} size={22} />
          <Txt>{VERDICT_TEXT[word]}</Txt>
        </View>
      ))}
    </View>
  );
}
