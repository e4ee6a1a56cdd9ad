import type { tableQuestions } from '@huff/core';
import { View } from 'react-native';
import { TextButton } from '../../../ui/page';
import { Txt } from '../../../ui/text';
import type { TableDraft } from './draft';

type TableQuestion = ReturnType<typeof tableQuestions>[number];

interface TypingWordsProps {
  /** What breaks the pattern; absent while nothing does. */
  readonly question?: TableQuestion;
  readonly byRpm: boolean;
  /** It was read, not typed: what is not marked is compared, too. */
  readonly fromPhoto?: TableDraft['fromPhoto'];
  readonly onUse: (question: TableQuestion, slip: number) => void;
}

const CUT_WORDS = {
  right: 'The photo ends at the last static. Add any that are missing.',
  below: 'The photo ends at the last row. Add any that are missing.',
} as const;

/** Under the grid: the question about a figure, or what is enough for today. */
export function TypingWords({ question, byRpm, fromPhoto, onUse }: TypingWordsProps) {
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
      ) : fromPhoto ? (
        <>
          {fromPhoto.cutAt.map((edge) => (
            <Txt key={edge} size={15} bold>
              {CUT_WORDS[edge]}
            </Txt>
          ))}
          <Txt size={14} color="softInk">
            {`Compare ${byRpm ? 'airflows' : 'tap names'} and statics with the photo. Airflow was read as ${fromPhoto.flowUnit}.`}
          </Txt>
        </>
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
