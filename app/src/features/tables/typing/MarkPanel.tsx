import { staticText } from '@huff/core';
import { View } from 'react-native';
import { Choice } from '../../../ui/form';
import { ActionButton } from '../../../ui/page';
import { Txt } from '../../../ui/text';
import { usePalette } from '../../../ui/theme';
import { CutOut } from '../../photoReading';
import { cellNumber, type CellMark, type TableDraft } from './draft';

interface MarkPanelProps {
  readonly draft: TableDraft;
  readonly mark: CellMark;
  readonly onChoose: (text: string) => void;
  readonly onType: () => void;
  readonly onConfirm: () => void;
}

const TYPE = 'type';
const CUT_HEIGHT = 84;

/** What a mark says: how it was read, and what the curve makes likely. */
function markWords(text: string, { likely }: CellMark): string {
  const about = likely === undefined ? '' : ` The curve suggests about ${likely}.`;
  if (cellNumber(text) === null) return `This cell could not be read.${about} What is printed?`;
  return `Read as ${text}.${about} Which is printed?`;
}

/** So many cells marked, and another photo is quicker. (J) */
const MOST_MARKED = 0.4;
const isMany = ({ marks = [], rows, staticsInWc, by }: TableDraft) =>
  marks.length > MOST_MARKED * rows.length * staticsInWc.length * (by === 'rpm' ? 2 : 1);
const TAKE_AGAIN = 'Many cells are not sure. Another photo, closer and without glare, may be quicker.';

/** Where a marked cell is, in words: "tap 3 at 0.40", "RPM for 1600 at 0.40". */
function placeWords({ rows, staticsInWc, by }: TableDraft, { layer, row, column }: CellMark): string {
  const of =
    by === 'taps' ? `tap ${rows[row]!.name}` : `${layer === 'bhp' ? 'horsepower' : 'RPM'} for ${rows[row]!.name}`;
  return `${of} at ${staticText(staticsInWc[column]!)}`;
}

/** The part of the photo that a marked cell was read from. */
export function MarkPhoto({ draft, mark }: { readonly draft: TableDraft; readonly mark: CellMark }) {
  const place = placeWords(draft, mark);
  return (
    <View style={{ gap: 4 }}>
      <Txt size={14} color="softInk" figures>
        {`From your photo, ${place}:`}
      </Txt>
      <CutOut box={mark.box} label={`Photo of ${place}`} height={CUT_HEIGHT} />
    </View>
  );
}

/** A cell that was not read for sure: what may be printed there, one touch each, then the next. */
export function MarkPanel({ draft, mark, onChoose, onType, onConfirm }: MarkPanelProps) {
  const palette = usePalette();
  const text = draft.rows[mark.row]![mark.layer][mark.column]!;
  const offered = [...new Set([...mark.others.slice(0, 2), text])].filter((one) => one !== '');
  const left = draft.marks?.length ?? 0;
  return (
    <View style={{ padding: 12, gap: 8, borderTopWidth: 1, borderColor: palette.line, backgroundColor: palette.sheet }}>
      {isMany(draft) && (
        <Txt size={15} bold>
          {TAKE_AGAIN}
        </Txt>
      )}
      <Txt size={15} role="status" figures>
        {markWords(text, mark)}
      </Txt>
      <Choice
        label="Printed figure"
        options={[...offered.map((one) => ({ id: one, text: one })), { id: TYPE, text: 'Type it' }]}
        chosen={text}
        onChoose={(one) => (one === TYPE ? onType() : onChoose(one))}
      />
      <ActionButton onPress={onConfirm} disabled={text === ''} aside={left > 1 ? `${left} left` : 'the last one'}>
        {left > 1 ? 'Confirm, next cell' : 'Confirm'}
      </ActionButton>
    </View>
  );
}
