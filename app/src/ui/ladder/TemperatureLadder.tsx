import { degrees, ladderShapes, type DrawnGap, type DrawnMark } from '@huff/paper/ladder';
import { ON_SCREEN } from '@huff/paper/shapes';
import { useMemo } from 'react';
import { Pressable, View } from 'react-native';
import { VERDICT_TEXT } from '../marks';
import { Shapes } from '../shapes';

interface LadderProps {
  readonly marks: readonly DrawnMark[];
  readonly gaps: readonly DrawnGap[];
  readonly width: number;
  readonly onMark: (id: string) => void;
}

const HEIGHT = 560;
const TOUCH = 48;
/** px of a mark's words, to the left of its axis. */
const WORDS_WIDTH = { outdoor: 82, indoor: 74 } as const;

/** px of a difference's words. */
const GAP = { width: 94, height: 60 } as const;

/** A difference as a sentence, for those who hear it. */
const gapSentence = ({ name, valueF, word, asked }: DrawnGap) =>
  `${name} ${Math.round(valueF)} degrees, ${VERDICT_TEXT[word]}${asked === undefined ? '' : `, asked ${asked}`}`;

/** One scale of degrees: the outdoor side and the indoor side; what lies between two marks is what the trade goes by. Marks are touched to type them. */
export function TemperatureLadder({ marks, gaps, width, onMark }: LadderProps) {
  const { shapes, spots, gapSpots } = useMemo(
    () => ladderShapes({ marks, gaps, width, height: HEIGHT, style: ON_SCREEN }),
    [marks, gaps, width],
  );
  return (
    <View style={{ width, height: HEIGHT }}>
      <Shapes shapes={shapes} width={width} height={HEIGHT} style={{ position: 'absolute' }} />
      {spots.map(({ mark: { id, name, tempF }, side, axisX, y }) => (
        <Pressable
          key={id}
          role="button"
          aria-label={`${name}, ${tempF === undefined ? 'not read' : `${degrees(tempF, 'degF')} degrees`}. Type it`}
          onPress={() => onMark(id)}
          style={{
            position: 'absolute',
            top: y - TOUCH / 2,
            left: axisX - 13 - WORDS_WIDTH[side],
            width: WORDS_WIDTH[side],
            height: TOUCH,
          }}
        />
      ))}
      {gapSpots.map(({ gap, x, y }) => (
        <View
          key={gap.id}
          role="img"
          aria-label={gapSentence(gap)}
          style={{ position: 'absolute', top: y - GAP.height / 2, left: x, pointerEvents: 'none', ...GAP }}
        />
      ))}
    </View>
  );
}
