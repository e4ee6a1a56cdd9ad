import {
  causeOf,
  causeTitle,
  explanationTitle,
  groupName,
  type CauseGroup,
  type Explanation,
} from '@huff/core/explain';
import { useState } from 'react';
import { View } from 'react-native';
import { Heading } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { CauseBar } from './CauseBar';

interface CauseListProps {
  readonly answer: Explanation;
  /** The cause whose readings are shown, or `HEALTHY`. */
  readonly chosen: string | undefined;
  readonly onChoose: (cause: string) => void;
}

/** In place of a cause, for a unit with nothing wrong. */
export const HEALTHY = 'healthy';

/** Less likely than this a group or a cause is not listed. */
const LEAST_SHARE = 0.02;
const MOST_GROUPS = 5;

/** Groups of causes by how likely they are, the first one open; then two causes together, a healthy unit, and none of them. */
export function CauseList({ answer, chosen, onChoose }: CauseListProps) {
  const palette = usePalette();
  const { groups, causes, explanations, healthy, unexplained } = answer;
  const likely = groups.filter(({ share }) => share >= LEAST_SHARE).slice(0, MOST_GROUPS);
  const [opened, setOpened] = useState<CauseGroup | 'none'>();
  const open = opened ?? likely[0]?.id;
  const pairs = explanations.filter(({ causes: two, share }) => two.length > 1 && share >= 0.05).slice(0, 3);
  const line = { borderTopWidth: 1, borderColor: palette.line };
  return (
    <View>
      {likely.map(({ id, share }) => (
        <View key={id} style={line}>
          <CauseBar
            name={groupName(id)}
            share={share}
            isGroup
            isOpen={open === id}
            onPress={() => setOpened(open === id ? 'none' : id)}
          />
          {open === id &&
            causes
              .filter((cause) => causeOf(cause.id)?.group === id && cause.share >= LEAST_SHARE)
              .map((cause) => (
                <CauseBar
                  key={cause.id}
                  name={causeTitle(cause.id)}
                  share={cause.share}
                  isMember
                  isChosen={cause.id === chosen}
                  onPress={() => onChoose(cause.id)}
                />
              ))}
        </View>
      ))}
      <View style={line}>
        <CauseBar
          name="Nothing wrong"
          share={healthy}
          isChosen={chosen === HEALTHY}
          onPress={() => onChoose(HEALTHY)}
        />
      </View>
      <View style={line}>
        <CauseBar name="None of these" share={unexplained} />
      </View>
      {pairs.length > 0 && (
        <View style={{ paddingTop: 14 }}>
          <Heading size={16}>Two together</Heading>
          {pairs.map(({ causes: two, share }) => (
            <CauseBar key={two.join()} name={explanationTitle(two)} share={share} onPress={() => onChoose(two[0]!)} />
          ))}
        </View>
      )}
    </View>
  );
}
