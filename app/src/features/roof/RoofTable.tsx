import { tonsText, VERDICT_TEXT } from '@huff/core';
import { ROOF_COLUMNS, type RoofColumn } from '@huff/core/call';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { dateText, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { unitFactsLine } from '../units/UnitRow';
import type { RoofRow } from './useRoofSheet';

/** A cell of the sheet. */
export interface RoofCell {
  readonly unitId: string;
  readonly column: RoofColumn;
}

interface RoofTableProps {
  readonly rows: readonly RoofRow[];
  readonly chosen?: RoofCell;
  readonly onChoose: (cell: RoofCell) => void;
  /** A cell is pressed again, or Enter is: into what is recorded there. */
  readonly onEnter: () => void;
  /** A digit on a cell: the first, second, third of what it may be. */
  readonly onDigit: (digit: number) => void;
  readonly onOpen: (unitId: string) => void;
  readonly wide: boolean;
}

/** A sheet has let go of the keyboard by then. */
const LETS_GO_MS = 150;

const STEPS: Readonly<Record<string, readonly [row: number, column: number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** Units × checks with their marks. Arrow keys go from cell to cell, Enter goes into what is recorded there, a digit records it. */
export function RoofTable({ rows, chosen, onChoose, onEnter, onDigit, onOpen, wide }: RoofTableProps) {
  const palette = usePalette();
  const table = useRef<View>(null);
  // On a phone a column is cut at the edge: there is more beside it.
  const cellWidth = wide ? 50 : 54;
  const nameRoom = wide ? ({ flex: 1, minWidth: 0 } as const) : ({ width: 0 } as const);
  const go = (row: number, column: number) => {
    const [unit, check] = [rows[row], ROOF_COLUMNS[column]];
    if (!unit || !check) return;
    onChoose({ unitId: unit.unit.id, column: check.id });
  };
  const at =
    chosen &&
    `${rows.findIndex(({ unit }) => unit.id === chosen.unitId)}-${ROOF_COLUMNS.findIndex(({ id }) => id === chosen.column)}`;
  // The focus follows the cell, wherever the next one was asked for; a keypad that closes lets go of the keyboard a moment later.
  useEffect(() => {
    if (at === undefined || !wide) return;
    const focus = () =>
      (table.current as unknown as HTMLElement | null)
        ?.querySelector?.<HTMLElement>(`[data-testid="cell-${at}"]`)
        ?.focus();
    focus();
    const later = setTimeout(() => {
      if (globalThis.document?.activeElement === globalThis.document?.body) focus();
    }, LETS_GO_MS);
    return () => clearTimeout(later);
  }, [at, wide]);
  // Keys are heard by the sheet: a cell is a button, and hears Enter itself.
  const keys = {
    onKeyDown: (event: KeyboardEvent) => {
      if (chosen && /^[1-9]$/.test(event.key)) return onDigit(Number(event.key));
      const step = STEPS[event.key];
      const row = rows.findIndex(({ unit }) => unit.id === chosen?.unitId);
      if (!step || row < 0) return;
      event.preventDefault();
      go(row + step[0], ROOF_COLUMNS.findIndex(({ id }) => id === chosen?.column) + step[1]);
    },
  };
  const isChosen = ({ unit }: RoofRow, column: RoofColumn) => chosen?.unitId === unit.id && chosen.column === column;
  const sheet = (
    <View ref={table} role="group" aria-label="Units and checks" style={wide ? undefined : { flexGrow: 1 }} {...keys}>
      <View style={{ flexDirection: 'row', borderBottomWidth: 2, borderColor: palette.ink, paddingBottom: 6 }}>
        <View style={nameRoom} />
        {ROOF_COLUMNS.map(({ id, name }) => (
          <View key={id} style={{ width: cellWidth }}>
            <Txt size={14} color="softInk" align="center">
              {name}
            </Txt>
          </View>
        ))}
      </View>
      {rows.map((row, i) => (
        <View key={row.unit.id}>
          {!wide && <Name row={row} onOpen={onOpen} />}
          <View
            style={{
              flexDirection: 'row',
              alignItems: 'center',
              borderBottomWidth: 1,
              borderColor: palette.line,
              backgroundColor: chosen?.unitId === row.unit.id ? palette.sheet : undefined,
            }}
          >
            {wide && (
              <View style={nameRoom}>
                <Name row={row} onOpen={onOpen} />
              </View>
            )}
            {ROOF_COLUMNS.map(({ id, name }, column) => {
              const mark = row.marks[id];
              const word = mark?.word ?? 'cantSay';
              const here = isChosen(row, id);
              const first = chosen === undefined && i === 0 && column === 0;
              return (
                <Pressable
                  key={id}
                  role="button"
                  testID={`cell-${i}-${column}`}
                  tabIndex={here || first ? 0 : -1}
                  aria-pressed={here}
                  aria-label={`${row.unit.name}, ${name}: ${mark ? `${VERDICT_TEXT[word]}, ${mark.today ? 'today' : dateText(mark.at)}` : 'not looked at'}`}
                  onPress={() => (here ? onEnter() : onChoose({ unitId: row.unit.id, column: id }))}
                  style={{
                    width: cellWidth,
                    minHeight: 52,
                    alignItems: 'center',
                    justifyContent: 'center',
                    borderWidth: 2,
                    borderRadius: 6,
                    borderColor: here ? palette.action : 'transparent',
                  }}
                >
                  <VerdictMark word={word} size={18} />
                  {/* Done on this round: a bar under the mark. */}
                  <View
                    style={{
                      position: 'absolute',
                      bottom: 5,
                      width: 18,
                      height: 3,
                      borderRadius: 2,
                      backgroundColor: mark?.today ? palette.ink : 'transparent',
                    }}
                  />
                </Pressable>
              );
            })}
          </View>
        </View>
      ))}
    </View>
  );
  return wide ? (
    sheet
  ) : (
    <ScrollView horizontal style={{ flexGrow: 0 }} contentContainerStyle={{ flexGrow: 1 }}>
      {sheet}
    </ScrollView>
  );
}

function Name({ row: { unit }, onOpen }: { readonly row: RoofRow; readonly onOpen: (unitId: string) => void }) {
  const belt = unit.setup?.drive?.beltMark;
  return (
    <Pressable
      role="link"
      aria-label={`${unit.name}. Open it`}
      onPress={() => onOpen(unit.id)}
      style={{ paddingVertical: 6, minHeight: 48 }}
    >
      <Txt bold numberOfLines={1}>
        {unit.name}
      </Txt>
      <Txt size={14} color="softInk" numberOfLines={1}>
        {typeof belt === 'string' && unit.tons ? `${tonsText(unit.tons)} t · belt ${belt}` : unitFactsLine(unit)}
      </Txt>
    </Pressable>
  );
}
