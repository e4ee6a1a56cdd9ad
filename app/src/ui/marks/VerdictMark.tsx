import { VERDICT_TEXT, type VerdictWord } from '@huff/core/first';
import { verdictMark } from '@huff/paper/shapes';
import { useMemo } from 'react';
import { Shapes } from '../shapes';

/** A verdict by the fill of its mark, readable without color: full, half, ring, dash. */
export function VerdictMark({ word, size = 20 }: { readonly word: VerdictWord; readonly size?: number }) {
  const shapes = useMemo(() => verdictMark(word, 0, 0, size), [word, size]);
  return (
    <Shapes shapes={shapes} width={size} height={size} aria-hidden={false} role="img" aria-label={VERDICT_TEXT[word]} />
  );
}
