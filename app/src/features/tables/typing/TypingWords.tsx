import type { tableQuestions } from '@huff/core';
import { View } from 'react-native';
import { TextButton } from '../../../ui/page';
import { Txt } from '../../../ui/text';

type TableQuestion = ReturnType<typeof tableQuestions>[number];

interface TypingWordsProps {
  /** What breaks the pattern; absent while nothing does. */
  readonly question?: TableQuestion;
  readonly byRpm: boolean;
  /** It was read, not typed: names and statics are compared, too. */
  readonly isFromPhoto: boolean;
  readonly onUse: (question: TableQuestion, slip: number) => void;
}

/** Under the grid: the question about a figure, or what is enough for today. */
export function TypingWords({ question, byRpm, isFromPhoto, onUse }: TypingWordsProps) {
  const slip = question?.slip;
  return (
    <View style={{ gap: 4, minHeight: 66 }} role="status">
      {question ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
          <Txt size={15} style={{ flex: 1 }} figures>
            {question.sentence}
          </Txt>
          {slip !== undefined && <TextButton onPress={() => onUse(question, slip)}>{`Use ${slip}`}</TextButton>}
        </View>
      ) : isFromPhoto ? (
        <Txt size={14} color="softInk">
          Compare tap names and statics with the photo.
        </Txt>
      ) : (
        <>
          <Txt size={14} color="softInk">
            A dash stays blank: not allowed by the manufacturer.
          </Txt>
          <Txt size={14} color="softInk">
            {byRpm
              ? 'Airflows near yours, at two statics, are enough for today.'
              : 'Two statics of one tap are enough for today.'}
          </Txt>
        </>
      )}
    </View>
  );
}
