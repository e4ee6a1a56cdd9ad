import { causesOfCase, titleOf, tooEarly, type PracticeCase, type TimedAct } from '@huff/core/practice';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { ActionButton, TextButton } from '../../ui/page';
import { FullSheet } from '../../ui/sheet';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface AnswerSheetProps {
  readonly practice: PracticeCase;
  readonly acts: readonly TimedAct[];
  readonly isExam: boolean;
  readonly open: boolean;
  readonly onAnswer: (causes: readonly string[]) => void;
  readonly onClose: () => void;
}

/** Naming what is wrong: one cause, or two where two are hidden. What comes too early is said, but in an exam. */
export function AnswerSheet({ practice, acts, isExam, open, onAnswer, onClose }: AnswerSheetProps) {
  const palette = usePalette();
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [early, setEarly] = useState<string>();
  const most = practice.level === 2 && !practice.power ? 2 : 1;
  const toggle = (id: string) => {
    setEarly(undefined);
    setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id].slice(-most));
  };
  const name = () => {
    const why = isExam ? undefined : tooEarly(practice, acts, chosen);
    if (why !== undefined && early === undefined) return setEarly(why);
    onAnswer(chosen);
  };
  const foot = (
    <View style={{ padding: 16, gap: 8, borderTopWidth: 1.5, borderColor: palette.ink }}>
      {early !== undefined && <Txt role="alert">{early}</Txt>}
      <ActionButton
        disabled={chosen.length < most}
        onPress={name}
        aside={chosen.length < most ? `choose ${most}` : undefined}
      >
        {early === undefined ? 'Name the cause' : 'Name it anyway'}
      </ActionButton>
      {early !== undefined && <TextButton onPress={onClose}>Measure more first</TextButton>}
    </View>
  );
  return (
    <FullSheet
      open={open}
      onClose={onClose}
      title="What is wrong?"
      under={most === 2 ? 'Two faults are hidden.' : undefined}
      foot={foot}
    >
      {causesOfCase(practice).map(({ group, ids }) => (
        <View key={group}>
          <Heading size={17}>{group}</Heading>
          {ids.map((id) => {
            const isOn = chosen.includes(id);
            return (
              <Pressable
                key={id}
                role="checkbox"
                aria-checked={isOn}
                onPress={() => toggle(id)}
                style={{
                  minHeight: 48,
                  flexDirection: 'row',
                  alignItems: 'center',
                  gap: 10,
                  borderTopWidth: 1,
                  borderColor: palette.line,
                }}
              >
                <Txt bold={isOn} style={{ flex: 1 }}>
                  {titleOf(practice, id)}
                </Txt>
                <View
                  style={{
                    width: 22,
                    height: 22,
                    borderRadius: 11,
                    borderWidth: 2,
                    borderColor: palette.ink,
                    backgroundColor: isOn ? palette.ink : 'transparent',
                  }}
                />
              </Pressable>
            );
          })}
        </View>
      ))}
    </FullSheet>
  );
}
