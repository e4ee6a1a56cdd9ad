import { assess, type VisitDto } from '@huff/contract';
import { VERDICT_TEXT, type VerdictWord } from '@huff/core';
import { airwayDrawing, crossingDrawing } from '@huff/paper';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { BlockView } from '../../ui/document';
import { VerdictMark } from '../../ui/marks';
import { Page, TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { AS_IT_RUNS, onTable, quickCheck, withReading } from '../visitState/newVisit';
import { ANSWERS, FIRST_VISIT, type GuideStep } from './guideWords';

const BEGUN = new Date('2026-05-12T10:42:00Z');

/** A visit to draw: an air handler on tap 3, its return read at 0.31, its supply at 0.27. */
function drawnVisit(): VisitDto {
  const table = {
    id: '00000000-0000-4000-8000-000000000001',
    name: 'AH 36',
    motor: 'constantTorque',
    tons: 3,
    staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8],
    taps: [
      { tap: '3', flowsCfm: [1120, 1085, 1049, 1012, 973, 932, 889, 843] },
      { tap: '5', flowsCfm: [1385, 1356, 1326, 1294, 1261, 1227, 1191, 1153] },
    ],
  } as const;
  const begun = { ...onTable(quickCheck(BEGUN), structuredClone(table) as never), tap: '3', maxTespInWc: 0.5 };
  const read = (visit: VisitDto, port: 'R2' | 'S1', staticInWc: number) =>
    withReading(visit, { port, staticInWc, conditions: AS_IT_RUNS, replacesId: null }, BEGUN);
  return read(read(begun, 'R2', -0.31), 'S1', 0.27);
}

/** A first visit in ten steps, what the marks mean, what works without a signal, where the data lies. */
export function GuidePage() {
  const wide = useIsWide();
  const width = wide ? 520 : 358;
  return (
    <Page title="Guide" under="Your first visit in ten steps" back="/shop">
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

function Drawn({ what, width }: { readonly what: 'airway' | 'crossing'; readonly width: number }) {
  const drawing = useMemo(() => {
    const assessment = assess(drawnVisit());
    const { model, judgement, layout } = assessment;
    if (what === 'airway')
      return airwayDrawing({ layout, width: width - 16, now: { ...assessment, stretches: judgement.stretches } });
    const most = judgement.tesp.limit;
    return model && most
      ? crossingDrawing({ now: model.system, maxTesp: { value: most.high, source: most.source }, width: width - 16 })
      : undefined;
  }, [what, width]);
  return drawing ? <BlockView block={{ kind: 'drawing', drawing }} width={width} /> : null;
}
