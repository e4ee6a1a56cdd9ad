import type { PixelBox } from '@huff/core/photo';
import { useEffect, useState } from 'react';
import { Image, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { photoReader } from './photoReader';

interface CutOutProps {
  readonly box: PixelBox;
  readonly label: string;
  readonly height: number;
}

/** The part of the photo that a figure was read from; a sentence once the photo is gone. */
export function CutOut({ box, label, height }: CutOutProps) {
  const palette = usePalette();
  const [cut, setCut] = useState<{ readonly of: PixelBox; readonly uri?: string }>();
  useEffect(() => {
    let isOver = false;
    let uri: string | undefined;
    photoReader.cut(box).then(
      (blob) => {
        if (isOver) return;
        uri = URL.createObjectURL(blob);
        setCut({ of: box, uri });
      },
      () => !isOver && setCut({ of: box }),
    );
    return () => {
      isOver = true;
      if (uri) URL.revokeObjectURL(uri);
    };
  }, [box]);
  const isGone = cut?.of === box && cut.uri === undefined;
  return (
    <View
      style={{
        height,
        borderRadius: 6,
        backgroundColor: palette.trough,
        alignItems: 'center',
        justifyContent: 'center',
        overflow: 'hidden',
      }}
    >
      {cut?.of === box && cut.uri !== undefined && (
        <Image
          source={{ uri: cut.uri }}
          accessibilityLabel={label}
          style={{ width: '100%', height: height - 12 }}
          resizeMode="contain"
        />
      )}
      {isGone && <Txt size={15}>The photo is closed. Look at the label.</Txt>}
    </View>
  );
}
