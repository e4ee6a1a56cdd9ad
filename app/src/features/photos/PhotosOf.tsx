import type { PhotoDto } from '@huff/contract';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { addPicture } from './addPicture';
import { Txt } from '../../ui/text';
import { useMeter } from '../visitState/meter';
import { PhotoRow } from './PhotoRow';
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
  const [fault, setFault] = useState<string>();
  const isPractice = useMeter() !== undefined;
  const add = () =>
    takePhoto((picture) => {
      setFault(undefined);
      addPicture({ visitId, item }, picture);
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
          <PhotoRow
            label={`Photos of ${name}`}
            photos={taken}
            nameOf={(_, i) => `${name}, photo ${i + 1} of ${taken.length}`}
            side={SIDE}
          />
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
