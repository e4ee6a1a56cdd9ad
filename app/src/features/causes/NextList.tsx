import type { NextMeasure } from '@huff/core';
import { nextByExplanation, type Explanation, type ExplainRequest } from '@huff/core/explain';
import { Pressable, View } from 'react-native';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface NextListProps {
  readonly request: ExplainRequest;
  readonly answer: Explanation;
  readonly onMeasure: (next: NextMeasure) => void;
}

const MOST = 4;

/** What else could be read, the most telling for its minutes first, with what each outcome would mean. */
export function NextList({ request, answer, onMeasure }: NextListProps) {
  const palette = usePalette();
  const list = answer.next
    .flatMap((advice) => {
      const next = nextByExplanation([advice], request);
      return next ? [next] : [];
    })
    .slice(0, MOST);
  if (list.length === 0) return null;
  return (
    <View>
      <Heading size={17}>What would tell more</Heading>
      {list.map((next) => (
        <Pressable
          key={next.words}
          role="button"
          aria-label={`${next.words}, ${next.minutes} minutes. ${next.why}`}
          onPress={() => onMeasure(next)}
          style={{ minHeight: 48, paddingVertical: 8, gap: 2, borderTopWidth: 1, borderColor: palette.line }}
        >
          <View style={{ flexDirection: 'row', gap: 10 }}>
            <Txt bold color="action" style={{ flex: 1 }}>
              {next.words.replace(/^Next: ./, (start) => start.slice(-1).toUpperCase())}
            </Txt>
            <Txt size={15} color="softInk" figures>{`${next.minutes} min`}</Txt>
          </View>
          <Txt size={15} color="softInk">
            {next.why}
          </Txt>
        </Pressable>
      ))}
    </View>
  );
}
