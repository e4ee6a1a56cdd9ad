import type { Drawing } from '@huff/paper';
import { INK } from '@huff/paper/shapes';
import { View } from 'react-native';
import { Shapes } from '../shapes';

/** A drawing of paper on the screen, in the colors it has there. @param width px at hand: it is drawn smaller where it does not fit */
export function PaperDrawing({ drawing, width }: { readonly drawing: Drawing; readonly width: number }) {
  const { width: own, height, says, shapes } = drawing;
  const shown = Math.min(width, own);
  return (
    <View role="img" aria-label={says}>
      <Shapes
        shapes={shapes}
        inks={INK}
        width={shown}
        height={(shown * height) / own}
        viewBox={`0 0 ${own} ${height}`}
      />
    </View>
  );
}
