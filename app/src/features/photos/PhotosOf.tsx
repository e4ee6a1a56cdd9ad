import type { PhotoDto } from '@huff/contract';
import { useState } from 'react';
import { Image, Pressable, ScrollView, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { addPhoto } from '../../data/visits';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { useMeter } from '../visitState/meter';
import { smallPhotoUrl } from './photoUrl';
import { takePhoto } from './takePhoto';

const SIDE = 72;

interface PhotosOfProps {
  readonly visitId: string;
  readonly item: string;
  readonly name: string;
  readonly taken: readonly PhotoDto[];
}

/** Photos of one thing at a visit, and the way to one more. */
export function PhotosOf({ visitId, item, name, taken }: PhotosOfProps) {
  const palette = usePalette();
  const [fault, setFault] = useState<string>();
  const isPractice = useMeter() !== undefined;
  const add = () =>
    takePhoto((picture) => {
      setFault(undefined);
      addPhoto({ id: uuid(), visitId, item, savedAt: new Date().toISOString(), ...picture });
    }, setFault);
  // A practice visit is never sent: its photo would be of no visit.
  if (isPractice) return null;
  return (
    <View style={{ gap: 4 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Pressable
          role="button"
          aria-label={`Photo of ${name}`}
          onPress={add}
          style={{ minHeight: 48, justifyContent: 'center', paddingRight: 8 }}
        >
          <Txt size={14} bold color="action">
            + photo
          </Txt>
        </Pressable>
        {taken.length > 0 && (
          <ScrollView horizontal tabIndex={0} aria-label={`Photos of ${name}`} contentContainerStyle={{ gap: 8 }}>
            {taken.map((photo, i) => (
              <Image
                key={photo.id}
                source={{ uri: smallPhotoUrl(photo) }}
                accessibilityLabel={`${name}, photo ${i + 1} of ${taken.length}`}
                style={{ width: SIDE, height: SIDE, borderRadius: 6, borderWidth: 1, borderColor: palette.line }}
              />
            ))}
          </ScrollView>
        )}
      </View>
      {fault !== undefined && (
        <Txt role="alert" size={14}>
          {fault}
        </Txt>
      )}
    </View>
  );
}
