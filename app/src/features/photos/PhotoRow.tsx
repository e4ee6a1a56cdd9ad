import type { PhotoDto } from '@huff/contract';
import { Image, ScrollView } from 'react-native';
import { usePalette } from '../../ui/theme';
import { smallPhotoUrl } from './photoUrl';

interface PhotoRowProps {
  readonly label: string;
  readonly photos: readonly PhotoDto[];
  readonly nameOf: (photo: PhotoDto, i: number) => string;
  /** px */
  readonly side: number;
}

/** Photos beside each other, small. */
export function PhotoRow({ label, photos, nameOf, side }: PhotoRowProps) {
  const palette = usePalette();
  return (
    <ScrollView horizontal tabIndex={0} aria-label={label} contentContainerStyle={{ gap: 8 }}>
      {photos.map((photo, i) => (
        <Image
          key={photo.id}
          source={{ uri: smallPhotoUrl(photo) }}
          accessibilityLabel={nameOf(photo, i)}
          style={{ width: side, height: side, borderRadius: 6, borderWidth: 1, borderColor: palette.line }}
        />
      ))}
    </ScrollView>
  );
}
