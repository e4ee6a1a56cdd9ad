import { NumberSheet } from '../../../ui/keypad';
import { staticFault, withoutStatic, type TableDraft } from './draft';
import { RowSheet } from './RowSheet';

interface TypingSheetsProps {
  readonly draft: TableDraft;
  readonly onDraft: (change: (draft: TableDraft) => TableDraft) => void;
  /** The column whose static is asked for, the row whose name is. */
  readonly column?: number;
  readonly row?: number;
  /** A row or column is gone: the cell that was typed in may be, too. */
  readonly onMoved: () => void;
  readonly onClose: () => void;
}

/** What is asked of a column's static and of a row's name. */
export function TypingSheets({ draft, onDraft, column, row, onMoved, onClose }: TypingSheetsProps) {
  const keepStatic = (value: number | null) => {
    const here = column!;
    onClose();
    if (value !== null)
      return onDraft((now) => ({ ...now, staticsInWc: now.staticsInWc.map((p, j) => (j === here ? value : p)) }));
    if (draft.staticsInWc.length > 1) onDraft((now) => withoutStatic(now, here));
    onMoved();
  };
  return (
    <>
      <NumberSheet
        asked={
          column === undefined
            ? undefined
            : { label: 'Column static', unit: 'inWc', min: 0, max: 5, value: draft.staticsInWc[column] }
        }
        keepWords="Set"
        sideWords="take out"
        wrong={(value) => (column === undefined ? undefined : staticFault(draft, column, value))}
        onKeep={keepStatic}
        onClose={onClose}
      />
      <RowSheet
        draft={draft}
        row={row}
        onDraft={(change) => {
          onDraft(change);
          onMoved();
        }}
        onClose={onClose}
      />
    </>
  );
}
