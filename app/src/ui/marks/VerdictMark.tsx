import { VERDICT_TEXT, type VerdictWord } from '@huff/core/first';
import Svg, { Circle, Path } from 'react-native-svg';
import { usePalette } from '../theme';

/** A verdict by the fill of its mark, readable without colour: full, half, ring, dash. */
export function VerdictMark({ word, size = 20 }: { readonly word: VerdictWord; readonly size?: number }) {
  const { ink, action } = usePalette();
  return (
    <Svg width={size} height={size} viewBox="0 0 20 20" role="img" aria-label={VERDICT_TEXT[word]}>
      {word === 'inside' && <Circle cx={10} cy={10} r={8.5} fill={ink} />}
      {word === 'atTheEdge' && (
        <>
          <Circle cx={10} cy={10} r={7.5} fill="none" stroke={ink} strokeWidth={2} />
          <Path d="M10 2.5 A7.5 7.5 0 0 0 10 17.5 Z" fill={ink} />
        </>
      )}
      {word === 'outside' && <Circle cx={10} cy={10} r={7} fill="none" stroke={action} strokeWidth={3} />}
      {word === 'cantSay' && <Path d="M4 10 H16" stroke={ink} strokeWidth={2.5} />}
    </Svg>
  );
}
