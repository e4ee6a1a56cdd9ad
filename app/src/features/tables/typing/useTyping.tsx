import type { BlowerTableDto } from '@huff/contract';
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Platform, View } from 'react-native';
import { blowerTables } from '../../../data/records';
import { TextButton } from '../../../ui/page';
import { Txt } from '../../../ui/text';
import { addPicture } from '../../photos/addPicture';
import { takePhoto, type Picture } from '../../photos/takePhoto';
import { PhotoReadSheet } from '../../photoReading';
import { figuresOf, typedCount, type TableDraft } from './draft';
import { keepDraft } from './keptDraft';
import { KeepTableSheet, type TableHead } from './KeepTableSheet';
import { draftOfPhoto, unseenFault } from './photoDraft';
import { TableTyping } from './TableTyping';

/** How long typing must rest before what was typed is kept. */
const KEPT_AFTER_MS = 300;

export interface TypingStart {
  readonly head: TableHead;
  readonly draft: TableDraft;
}

/** A table being typed, with all that belongs to it: what stands in the middle, and what in the head of its page or sheet. */
export function useTyping(
  start: TypingStart,
  onKept: (table: BlowerTableDto) => void,
): { readonly body: ReactNode; readonly actions: ReactNode; readonly under: string } {
  const [draft, setDraft] = useState(start.draft);
  const [paper, setPaper] = useState<Picture>();
  const [photo, setPhoto] = useState<File>();
  const [fault, setFault] = useState<string>();
  const [keeping, setKeeping] = useState(false);
  const { records } = blowerTables.useList();
  const [isKept, setIsKept] = useState(false);
  useEffect(() => {
    if (isKept) return undefined;
    const write = () => typedCount(draft) > 0 && keepDraft(draft);
    // Written once the fingers rest, and when the page goes: a key is never held up by it.
    const later = setTimeout(write, KEPT_AFTER_MS);
    if (Platform.OS === 'web') window.addEventListener('pagehide', write);
    return () => {
      clearTimeout(later);
      if (Platform.OS === 'web') window.removeEventListener('pagehide', write);
    };
  }, [draft, isKept]);
  const change = useCallback((next: (now: TableDraft) => TableDraft) => {
    setFault(undefined);
    setDraft(next);
  }, []);
  const made = useMemo(() => figuresOf(draft), [draft]);
  // What the head's buttons work on is read when they are pressed: a key draws the grid anew, not the page.
  const unseen = unseenFault(draft);
  const now = useRef({ made, unseen });
  useEffect(() => {
    now.current = { made, unseen };
  });
  const keep = useCallback(() => {
    const { made: figures, unseen: fault } = now.current;
    // Nothing that was not read for sure goes in unseen.
    if (fault !== undefined) setFault(fault);
    else if (figures.ok) setKeeping(true);
    else setFault(figures.why);
  }, []);
  const actions = useMemo(() => {
    const take = () =>
      takePhoto((picture, file) => {
        setPaper(picture);
        setPhoto(file);
      }, setFault);
    return (
      <View style={{ flexDirection: 'row', gap: 18, paddingRight: 8 }}>
        <TextButton onPress={take}>photo</TextButton>
        <TextButton onPress={keep}>Save</TextButton>
      </View>
    );
  }, [keep]);
  return {
    under: `${draft.by === 'rpm' ? 'RPM and horsepower by airflow' : 'airflow by tap'} and external static`,
    actions,
    body: (
      <View style={{ flex: 1 }}>
        {fault !== undefined && (
          <Txt role="alert" style={{ paddingHorizontal: 16, paddingBottom: 6 }}>
            {fault}
          </Txt>
        )}
        <TableTyping
          draft={draft}
          onDraft={change}
          paper={paper && `data:image/jpeg;base64,${paper.jpeg}`}
          onKeep={keep}
        />
        <PhotoReadSheet
          file={photo}
          kind="table"
          onTable={(table) => setDraft(draftOfPhoto(table))}
          onClose={() => setPhoto(undefined)}
        />
        {made.ok && (
          <KeepTableSheet
            open={keeping}
            head={start.head}
            figures={made.figures}
            taken={records.filter(({ record }) => record.id !== start.head.id).map(({ record }) => record.name)}
            onKeep={(table) => {
              setIsKept(true);
              keepDraft(undefined);
              setKeeping(false);
              onKept(table);
              // The paper stays with its table: a figure that is doubted is compared with it.
              if (paper) addPicture({ blowerTableId: table.id, item: 'table' }, paper);
            }}
            onClose={() => setKeeping(false)}
          />
        )}
      </View>
    ),
  };
}
