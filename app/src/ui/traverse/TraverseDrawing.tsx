import { tapeText, type Duct, type TraversePlan } from '@huff/core';
import { ductSize, traverseShapes } from '@huff/paper/charts';
import { ON_SCREEN } from '@huff/paper/shapes';
import { View } from 'react-native';
import { Shapes } from '../shapes';
import { Txt } from '../text';
import { DRAWN_TEXT, usePalette } from '../theme';

interface TraverseDrawingProps {
  readonly duct: Duct;
  readonly plan: TraversePlan;
  /** Points already read: drawn full. */
  readonly done: number;
}

/** The duct's cross-section with the holes, the points and how far each is read, and the marks to tape on the probe. */
export function TraverseDrawing({ duct, plan, done }: TraverseDrawingProps) {
  const palette = usePalette();
  const sweep = plan.depths.length === 0;
  const marks = plan.marksIn.map(tapeText).join(' · ');
  return (
    <View style={{ paddingVertical: 8, gap: 6 }}>
      <View
        role="img"
        aria-label={`Traverse of a ${ductSize(duct)} duct: ${plan.points} ${sweep ? 'sweeps' : 'points'}, ${done} read.${sweep ? '' : ` Tape marks ${marks} inches from the wall.`}`}
      >
        <Shapes {...traverseShapes({ duct, plan, done, style: ON_SCREEN })} />
      </View>
      {!sweep && (
        <View style={{ borderTopWidth: 1, borderColor: palette.line, paddingTop: 6 }}>
          <Txt size={DRAWN_TEXT} color="softInk">
            Tape the probe at these inches from the wall
          </Txt>
          <Txt bold figures>
            {marks}
          </Txt>
        </View>
      )}
    </View>
  );
}
