import type { Assessment, VisitDto } from '@huff/contract';
import { View } from 'react-native';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { withFact } from './newFact';

/** An answer has a border: on a tint, words alone look like text, not like a button. */
const framed = (borderColor: string) => ({ borderWidth: 1, borderColor, borderRadius: 6, paddingHorizontal: 14 });

interface OpenQuestionsProps {
  readonly visit: VisitDto;
  readonly questions: Assessment['questions'];
  readonly onVisit: (visit: VisitDto) => void;
}

/** What looks wrong in the readings, each with the answer that resolves it where there is one. */
export function OpenQuestions({ visit, questions, onVisit }: OpenQuestionsProps) {
  const palette = usePalette();
  return questions.map(({ id, sentence, answer }) => (
    <View key={id} role="status" style={{ backgroundColor: palette.edge, borderRadius: 6, padding: 12 }}>
      <Txt size={15}>{sentence}</Txt>
      {answer !== undefined && (
        <View style={{ alignSelf: 'flex-start', marginTop: 8, ...framed(palette.ink) }}>
          <TextButton
            color="ink"
            onPress={() => onVisit(withFact(visit, 'setAside', { method: id, reason: answer }, new Date()))}
          >
            {answer}
          </TextButton>
        </View>
      )}
    </View>
  ));
}
