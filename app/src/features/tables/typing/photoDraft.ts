import { shownUnit, SI_MEASURES, toShown, type Measures } from '@huff/core';
import { LEFT_OUT_MARK, type PhotoTable } from '@huff/core/photo';
import { LEFT_OUT, withCell, type CellMark, type Layer, type TableDraft } from './draft';

/** Airflow in another unit, as tables say it over their figures. */
const OTHER_UNITS: readonly (readonly [RegExp, Measures['flow']])[] = [
  [/\bl\/s\b|lit(?:er|re)s/i, 'ls'],
  // The raised 3 is read as any small sign.
  [/\bm.{0,2}\/h\b/i, 'm3h'],
];

/** The unit that a table is printed in: CFM where it says nothing else. */
function flowUnitOf(title: string) {
  const flow = OTHER_UNITS.find(([said]) => said.test(title))?.[1] ?? 'cfm';
  const { text, per } = shownUnit('cfm', { ...SI_MEASURES, flow });
  return { unit: text, inCfm: 1 / per };
}

/** A printed static in in. w.c. */
const asInWc = (printed: number, unit: PhotoTable['unit']) =>
  unit === 'pa' ? Number((printed / shownUnit('inWc', SI_MEASURES).per).toFixed(3)) : printed;

/** A table that was read from a photo, as a draft: what is not sure is marked, and saved only once somebody passed over it. */
export function draftOfPhoto(table: PhotoTable): TableDraft {
  const { unit, inCfm } = flowUnitOf(table.title);
  const asFlow = (value: number) => toShown(value * inCfm, 'cfm');
  const plain = (value: number) => value;
  const shown = (text: string, as: (value: number) => number): string => {
    if (text === LEFT_OUT_MARK) return LEFT_OUT;
    return text === '' ? '' : String(Number(as(Number(text)).toPrecision(6)));
  };
  // Of a belt drive the rows are airflows, and the cells are RPM.
  const asCell = table.isByRpm ? plain : asFlow;
  const nameOf = (name: string, row: number) => {
    if (table.isByRpm) return name === '' ? '' : shown(name, asFlow);
    return name === '' ? String(row + 1) : name;
  };
  const marksOf = (layer: Layer, as: (value: number) => number, round: (value: number) => number) =>
    table.rows.flatMap((one, row) =>
      one[layer].flatMap(({ doubt, others, likely, box }, column): CellMark[] =>
        doubt === undefined
          ? []
          : [
              {
                layer,
                row,
                column,
                others: others.map((text) => shown(text, as)),
                ...(likely === undefined ? {} : { likely: round(as(likely)) }),
                box,
              },
            ],
      ),
    );
  return {
    by: table.isByRpm ? 'rpm' : 'taps',
    fromPhoto: { flowUnit: unit, cutAt: table.cutAt },
    staticsInWc: table.statics.map(({ printed }) => asInWc(printed, table.unit)),
    rows: table.rows.map(({ name, cells, bhp }, row) => ({
      name: nameOf(name, row),
      cells: cells.map(({ text }) => shown(text, asCell)),
      bhp: table.isByRpm ? bhp.map(({ text }) => shown(text, plain)) : cells.map(() => ''),
    })),
    marks: [...marksOf('cells', asCell, Math.round), ...marksOf('bhp', plain, (value) => Number(value.toFixed(2)))],
  };
}

/** The draft with a marked cell passed over: it holds what is printed. */
export function passedOver(
  draft: TableDraft,
  at: Pick<CellMark, 'layer' | 'row' | 'column'>,
  text: string,
): TableDraft {
  const changed = withCell(draft, at.layer, at, () => text);
  return {
    ...changed,
    marks: (draft.marks ?? []).filter(
      ({ layer, row, column }) => layer !== at.layer || row !== at.row || column !== at.column,
    ),
  };
}

/** Why a draft cannot be saved yet; undefined once every marked cell was passed over. */
export function unseenFault({ marks = [] }: TableDraft): string | undefined {
  if (marks.length === 0) return undefined;
  return marks.length === 1 ? 'Check the marked cell first.' : `Check the ${marks.length} marked cells first.`;
}
