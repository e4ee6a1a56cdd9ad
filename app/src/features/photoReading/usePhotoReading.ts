import type { Corners, PhotoKind, PhotoTable, PlateReading } from '@huff/core/photo';
import { useCallback, useEffect, useState } from 'react';
import { photoReader, ReadingStopped, type OpenedPhoto, type Stage } from './photoReader';
import { fetchReader, isReaderHere, READER_MB } from './readerFiles';

/** How far the reading of a photo is. */
export interface PhotoReading {
  readonly photo?: OpenedPhoto;
  /** Address of the picture that is shown. */
  readonly shown?: string;
  readonly corners?: Corners;
  /** What is being done; absent while nothing is. */
  readonly doing?: string;
  /** Why nothing came of it, in a sentence. */
  readonly fault?: string;
  /** Several tables on one photo: one is picked. */
  readonly tables: readonly PhotoTable[];
  /** What the first reading alone made of the table, while its cells are read again. */
  readonly first?: PhotoTable;
  /** The reader is on this phone. */
  readonly isHere?: boolean;
}

const WORDS: Readonly<Record<Stage, string>> = {
  picture: 'Straightening the photo…',
  text: 'Reading the print…',
  cells: 'Reading each cell…',
  again: 'Reading each cell again…',
  turned: 'Looking which way is up…',
};
const NO_READER = `The text reader is not on this phone yet. It takes ${READER_MB} MB once, with a signal. Type it meanwhile.`;
const NOT_READ = 'The photo could not be read. Take it again, or type it.';

interface Found {
  readonly onTable: (table: PhotoTable) => void;
  readonly onFields: (fields: readonly PlateReading[]) => void;
}

/** Opens a photo, and reads what is between its corners. */
export function usePhotoReading(file: Blob, kind: PhotoKind, { onTable, onFields }: Found) {
  const [reading, setReading] = useState<PhotoReading>({ tables: [], doing: 'Opening the photo…' });
  const change = useCallback((more: Partial<PhotoReading>) => setReading((now) => ({ ...now, ...more })), []);
  const show = useCallback(
    (photo: OpenedPhoto) =>
      setReading((now) => {
        if (now.shown) URL.revokeObjectURL(now.shown);
        return {
          ...now,
          photo,
          shown: URL.createObjectURL(photo.shown),
          corners: photo.corners,
          doing: undefined,
          fault: undefined,
        };
      }),
    [],
  );
  const failed = useCallback(
    (fault: unknown, words: string) => {
      if (fault instanceof ReadingStopped) return;
      change({ doing: undefined, fault: words });
    },
    [change],
  );
  useEffect(() => {
    let isOver = false;
    void isReaderHere().then((isHere) => !isOver && change({ isHere }));
    photoReader.open(file).then(
      (photo) => !isOver && show(photo),
      (fault: unknown) => !isOver && failed(fault, 'This is not a readable picture. Choose a photo.'),
    );
    return () => {
      isOver = true;
    };
  }, [file, change, show, failed]);

  const read = async () => {
    const { corners, isHere } = reading;
    if (!corners) return;
    change({
      fault: undefined,
      first: undefined,
      doing: isHere ? WORDS.picture : `Fetching the text reader, ${READER_MB} MB…`,
    });
    try {
      if (!isHere) await fetchReader();
      change({ isHere: true });
    } catch {
      change({ doing: undefined, fault: NO_READER });
      return;
    }
    try {
      const found = await photoReader.read(
        kind,
        corners,
        (stage) => change({ doing: WORDS[stage] }),
        ([first]) => change({ first }),
      );
      change({ doing: undefined, first: undefined, fault: found.nothing });
      if (found.nothing !== undefined) return;
      if (kind === 'plate') onFields(found.fields);
      else if (found.tables.length === 1) onTable(found.tables[0]!);
      else change({ tables: found.tables });
    } catch (fault) {
      failed(fault, NOT_READ);
    }
  };
  const turn = () => {
    change({ doing: 'Turning the photo…' });
    photoReader.turn().then(show, (fault: unknown) => failed(fault, NOT_READ));
  };
  /** Gives the reading up; the photo is opened again, for another try. */
  const stop = () => {
    photoReader.stop();
    change({ doing: 'Opening the photo…', first: undefined });
    photoReader.open(file).then(show, (fault: unknown) => failed(fault, NOT_READ));
  };
  return { reading, read, turn, stop, moveCorners: (corners: Corners) => change({ corners }) };
}
