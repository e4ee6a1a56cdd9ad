import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { useIsWide, usePalette } from '../../ui/theme';
import type { FrameParts } from '../visitState/frame';

/** px of the steps' pane where the page is wide. */
export const LEFT_PANE = 432;

interface VisitFrameProps extends FrameParts {
  /** The run of steps. */
  readonly run: ReactNode;
  /** What stands over each step, and under it. */
  readonly above: ReactNode;
  readonly below: ReactNode;
  /** Another step begins at its top. */
  readonly station: string;
}

/** The page of a visit: the steps and the pane of one, what is next to it on a wide screen, its foot. */
export function VisitFrame({ run, above, below, station, main, side, foot }: VisitFrameProps) {
  const palette = usePalette();
  const wide = useIsWide();
  const pane = (
    <>
      {run}
      <ScrollView key={station} style={{ flex: 1 }} contentContainerStyle={{ padding: 16, gap: 16 }}>
        {above}
        {main}
        {below}
      </ScrollView>
      {foot}
    </>
  );
  if (!wide) return <View style={{ flex: 1 }}>{pane}</View>;
  return (
    <>
      <View style={{ width: LEFT_PANE, borderRightWidth: 1, borderColor: palette.line }}>{pane}</View>
      <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 20, paddingTop: 4, gap: 20, maxWidth: 760 }}>
        {side}
      </ScrollView>
    </>
  );
}
