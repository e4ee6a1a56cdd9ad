import type { PhotoKind, PhotoTable, PlateReading } from '@huff/core/photo';
import { useWindowDimensions, View } from 'react-native';
import { ActionButton, TextButton } from '../../ui/page';
import { FullSheet } from '../../ui/sheet';
import { Heading, Txt } from '../../ui/text';
import { useIsWide } from '../../ui/theme';
import { CornersPicture } from './CornersPicture';
import { FirstTable } from './FirstTable';
import { READER_MB } from './readerFiles';
import { usePhotoReading } from './usePhotoReading';

interface PhotoReadSheetProps {
  /** The photo as it was taken; absent while nothing is read. */
  readonly file?: Blob;
  readonly kind: PhotoKind;
  readonly onTable?: (table: PhotoTable) => void;
  readonly onFields?: (fields: readonly PlateReading[]) => void;
  readonly onClose: () => void;
}

const TITLES: Readonly<Record<PhotoKind, string>> = {
  table: 'Blower table from photo',
  plate: 'Nameplate from photo',
};
const WIDE = 760;

/** A photo that is to be read: its corners, how far it has come, and why nothing came of it. */
export function PhotoReadSheet({ file, ...rest }: PhotoReadSheetProps) {
  return file ? <Open {...rest} file={file} /> : null;
}

function Open({ file, kind, onTable, onFields, onClose }: PhotoReadSheetProps & { readonly file: Blob }) {
  const wide = useIsWide();
  const window = useWindowDimensions();
  const { reading, read, turn, stop, moveCorners } = usePhotoReading(file, kind, {
    onTable: (table) => {
      onTable?.(table);
      onClose();
    },
    onFields: (fields) => {
      onFields?.(fields);
      onClose();
    },
  });
  const { photo, shown, corners, doing, fault, tables, first, isHere } = reading;
  const close = () => {
    if (doing !== undefined) stop();
    onClose();
  };
  const width = (wide ? Math.min(WIDE, window.width - 48) : window.width) - 32;
  return (
    <FullSheet
      open
      width={WIDE}
      title={TITLES[kind]}
      under={photo?.isSheetFound === false ? 'no sheet found: set the corners' : 'corners around the print'}
      onClose={close}
      foot={
        <View style={{ padding: 12, gap: 8 }}>
          {doing !== undefined ? (
            <ActionButton quiet onPress={photo ? stop : close}>
              Cancel
            </ActionButton>
          ) : (
            <View style={{ flexDirection: 'row', gap: 8 }}>
              <View style={{ flex: 1 }}>
                <ActionButton
                  onPress={() => void read()}
                  disabled={!corners}
                  aside={isHere === false ? `${READER_MB} MB once` : undefined}
                >
                  {kind === 'table' ? 'Read the table' : 'Read the nameplate'}
                </ActionButton>
              </View>
              <ActionButton quiet onPress={turn} disabled={!photo}>
                Turn
              </ActionButton>
            </View>
          )}
        </View>
      }
    >
      <View style={{ padding: 16, gap: 12 }}>
        {tables.length > 1 && <PickTable tables={tables} onTable={(table) => (onTable?.(table), onClose())} />}
        {shown !== undefined && photo && corners && (
          <CornersPicture
            uri={shown}
            photo={photo}
            corners={corners}
            width={width}
            mostHeight={window.height - 300}
            onCorners={moveCorners}
          />
        )}
        {doing !== undefined && (
          <Txt role="status" bold>
            {doing}
          </Txt>
        )}
        {first && <FirstTable table={first} />}
        {fault !== undefined && <Txt role="alert">{fault}</Txt>}
        {fault !== undefined && <TextButton onPress={close}>Type it instead</TextButton>}
        {doing === undefined && fault === undefined && tables.length < 2 && (
          <Txt size={15} color="softInk">
            {isHere === false
              ? `Reading needs a text reader: ${READER_MB} MB, fetched once, best on Wi-Fi. It works without a signal after that.`
              : 'Pull the corners to the edge of the print. Include the row of statics.'}
          </Txt>
        )}
      </View>
    </FullSheet>
  );
}

/** What a table begins with: tables of one title are told apart by it. */
function startWords({ rows: [first] }: PhotoTable): string {
  const cell = first?.cells.find(({ text }) => /\d/.test(text));
  return first && cell ? `${first.name}: ${cell.text} …` : '';
}

function PickTable({
  tables,
  onTable,
}: {
  readonly tables: readonly PhotoTable[];
  readonly onTable: (table: PhotoTable) => void;
}) {
  return (
    <View style={{ gap: 8 }} role="status">
      <Heading size={17}>{`${tables.length} tables. Pick yours.`}</Heading>
      {tables.map((table, i) => (
        <ActionButton key={i} quiet onPress={() => onTable(table)} aside={startWords(table)}>
          {table.title || `Table ${i + 1}`}
        </ActionButton>
      ))}
    </View>
  );
}
