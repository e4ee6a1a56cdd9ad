import type { ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { useIsWide, usePalette } from '../../ui/theme';
import type { FrameParts } from '../visitState/frame';

/** px of the list of steps and of the pane of one, where the page is wide; a very wide one gives both more. */
export const widePanes = (pageWidth: number) =>
  pageWidth >= 1600 ? { steps: 264, pane: 560 } : { steps: 216, pane: 432 };

interface VisitFrameProps extends FrameParts {
  /** The run of steps; a list of them where the page is wide. */
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
  const { width } = useWindowDimensions();
  const pane = (
    <>
      {!wide && run}
      <ScrollView key={station} style={{ flex: 1 }} contentContainerStyle={{ padding: 16, gap: 16 }}>
        {above}
        {main}
        {below}
      </ScrollView>
      {foot}
    </>
  );
  const panes = widePanes(width);
  if (!wide) return <View style={{ flex: 1 }}>{pane}</View>;
  return (
    <>
      <ScrollView style={{ flexGrow: 0, width: panes.steps, borderRightWidth: 1, borderColor: palette.line }}>
        {run}
      </ScrollView>
      <View style={{ width: panes.pane, borderRightWidth: 1, borderColor: palette.line }}>{pane}</View>
      <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 20, paddingTop: 4, gap: 20, maxWidth: 960 }}>
        {side}
      </ScrollView>
    </>
  );
}
