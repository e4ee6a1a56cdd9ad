import { toShown } from '@huff/core';
import { LEFT_OUT_MARK, type PhotoTable } from '@huff/core/photo';
import { LEFT_OUT, withCell, type CellMark, type Place, type TableDraft } from './draft';

const PA_IN_ONE_IN_WC = 249.089;
/** A table that says liters a second is in them; any other is in CFM. */
const LITERS = /\bl\/s\b|liters/i;
const CFM_IN_ONE_LITER_A_SECOND = 2.118_88;

/** A printed static in in. w.c. */
const asInWc = (printed: number, unit: PhotoTable['unit']) =>
  unit === 'pa' ? Number((printed / PA_IN_ONE_IN_WC).toFixed(3)) : printed;

/** A table that was read from a photo, as a draft: what is not sure is marked, and saved only once somebody passed over it. */
export function draftOfPhoto(table: PhotoTable): TableDraft {
  const inCfm = LITERS.test(table.title) ? CFM_IN_ONE_LITER_A_SECOND : 1;
  const shown = (text: string): string => {
    if (text === LEFT_OUT_MARK) return LEFT_OUT;
    const value = toShown(Number(text) * inCfm, 'cfm');
    return text === '' ? '' : String(Number(value.toPrecision(6)));
  };
  return {
    by: 'taps',
    staticsInWc: table.statics.map(({ printed }) => asInWc(printed, table.unit)),
    rows: table.rows.map(({ name, cells }, i) => ({
      name: name === '' ? String(i + 1) : name,
      cells: cells.map(({ text }) => shown(text)),
      bhp: cells.map(() => ''),
    })),
    marks: table.rows.flatMap(({ cells }, row) =>
      cells.flatMap(({ doubt, others, likely, box }, column): CellMark[] =>
        doubt === undefined
          ? []
          : [
              {
                row,
                column,
                others: others.map(shown),
                ...(likely === undefined ? {} : { likely: Math.round(toShown(likely * inCfm, 'cfm')) }),
                box,
              },
            ],
      ),
    ),
  };
}

/** The draft with a marked cell passed over: it holds what is printed. */
export function passedOver(draft: TableDraft, at: Place, text: string): TableDraft {
  const changed = withCell(draft, 'cells', at, () => text);
  return {
    ...changed,
    marks: (draft.marks ?? []).filter(({ row, column }) => row !== at.row || column !== at.column),
  };
}

/** Why a draft cannot be saved yet; undefined once every marked cell was passed over. */
export function unseenFault({ marks = [] }: TableDraft): string | undefined {
  if (marks.length === 0) return undefined;
  return marks.length === 1 ? 'Check the marked cell first.' : `Check the ${marks.length} marked cells first.`;
}
