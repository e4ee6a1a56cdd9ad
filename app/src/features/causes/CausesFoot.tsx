import { isResolved, nextByExplanation, type Explanation, type ExplainRequest } from '@huff/core/explain';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { StationActs } from '../visitState/station';

interface CausesFootProps {
  readonly request: ExplainRequest;
  readonly answer: Explanation;
  readonly acts: StationActs;
}

/** The reading that would tell most for its minutes, with what each outcome would mean; the fix once a cause is resolved. */
export function CausesFoot({ request, answer, acts }: CausesFootProps) {
  const palette = usePalette();
  const isDone = isResolved(answer);
  const next = nextByExplanation(answer.next, request);
  return (
    <View
      style={{
        paddingHorizontal: 16,
        paddingTop: 10,
        paddingBottom: 10,
        gap: 8,
        borderTopWidth: 1.5,
        borderColor: palette.ink,
        backgroundColor: palette.paper,
      }}
    >
      {isDone || !next ? (
        <>
          <Txt size={15}>{isDone ? 'Resolved: over 95% likely.' : 'No further reading would tell much more.'}</Txt>
          <ActionButton onPress={() => acts.goTo('fix')}>Go to Fix</ActionButton>
        </>
      ) : (
        <>
          <Txt size={15}>{next.why}</Txt>
          <ActionButton onPress={() => acts.measure(next)} aside={`${next.minutes} min`}>
            {next.words}
          </ActionButton>
        </>
      )}
    </View>
  );
}
