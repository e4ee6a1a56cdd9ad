import { driveShapes, pitchText, type DrivePose } from '@huff/paper/drive';
import { ON_SCREEN } from '@huff/paper/shapes';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Shapes } from '../shapes';

interface DriveDrawingProps {
  readonly now: DrivePose;
  /** As found: drawn dashed behind. */
  readonly asFound?: DrivePose;
  readonly motorWords: string;
  readonly wrapDeg: number;
  readonly height?: number;
}

/** The drive as a sentence, for those who hear it. */
const driveSentence = ({ now, asFound, wrapDeg }: DriveDrawingProps) =>
  `Blower sheave ${pitchText(now.blowerIn)}, motor sheave ${pitchText(now.motorIn)}, centers ${pitchText(now.centresIn)}, wrap ${Math.round(wrapDeg)} degrees.${
    asFound
      ? ` As found the motor sheave was ${pitchText(asFound.motorIn)} and the centers ${pitchText(asFound.centresIn)}.`
      : ''
  }`;

/** Two sheaves and their belt, to scale; as found dashed behind. */
export function DriveDrawing(props: DriveDrawingProps) {
  const { now, asFound, motorWords, wrapDeg, height = 260 } = props;
  const [width, setWidth] = useState(0);
  const shapes = useMemo(
    () => (width > 0 ? driveShapes({ now, asFound, motorWords, wrapDeg, width, height, style: ON_SCREEN }) : undefined),
    [now, asFound, motorWords, wrapDeg, width, height],
  );
  return (
    <View
      role="img"
      aria-label={driveSentence(props)}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height }}
    >
      {shapes && <Shapes shapes={shapes} width={width} height={height} />}
    </View>
  );
}
