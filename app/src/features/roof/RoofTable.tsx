import { VERDICT_TEXT } from '@huff/core';
import { ROOF_COLUMNS, type RoofColumn } from '@huff/core/call';
import { useRef, type KeyboardEvent } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { Txt } from '../../ui/text';
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
  /** Enter on a cell: its unit is opened. */
  readonly onOpen: (unitId: string) => void;
  readonly wide: boolean;
}

const STEPS: Readonly<Record<string, readonly [row: number, column: number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** Units × checks with their marks. Arrow keys go from cell to cell, Enter opens the unit. */
export function RoofTable({ rows, chosen, onChoose, onOpen, wide }: RoofTableProps) {
  const palette = usePalette();
  const table = useRef<View>(null);
  const [nameWidth, cellWidth] = wide ? [190, 56] : [0, 58];
  const go = (row: number, column: number) => {
    const [unit, check] = [rows[row], ROOF_COLUMNS[column]];
    if (!unit || !check) return;
    onChoose({ unitId: unit.unit.id, column: check.id });
    (table.current as unknown as HTMLElement | null)
      ?.querySelector?.<HTMLElement>(`[data-testid="cell-${row}-${column}"]`)
      ?.focus();
  };
  // Keys are heard by the sheet: a cell is a button, and hears Enter itself.
  const keys = {
    onKeyDown: (event: KeyboardEvent) => {
      const step = STEPS[event.key];
      const row = rows.findIndex(({ unit }) => unit.id === chosen?.unitId);
      if (!step || row < 0) return;
      event.preventDefault();
      go(row + step[0], ROOF_COLUMNS.findIndex(({ id }) => id === chosen?.column) + step[1]);
    },
  };
  const isChosen = ({ unit }: RoofRow, column: RoofColumn) => chosen?.unitId === unit.id && chosen.column === column;
  return (
    <ScrollView horizontal contentContainerStyle={{ flexGrow: 1 }}>
      <View ref={table} role="group" aria-label="Units and checks" {...keys}>
        <View style={{ flexDirection: 'row', borderBottomWidth: 2, borderColor: palette.ink, paddingBottom: 6 }}>
          <View style={{ width: nameWidth }} />
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
                <View style={{ width: nameWidth }}>
                  <Name row={row} onOpen={onOpen} />
                </View>
              )}
              {ROOF_COLUMNS.map(({ id, name }, column) => {
                const word = row.marks[id] ?? 'cantSay';
                const here = isChosen(row, id);
                const first = chosen === undefined && i === 0 && column === 0;
                return (
                  <Pressable
                    key={id}
                    role="button"
                    testID={`cell-${i}-${column}`}
                    tabIndex={here || first ? 0 : -1}
                    aria-pressed={here}
                    aria-label={`${row.unit.name}, ${name}: ${row.marks[id] ? VERDICT_TEXT[word] : 'not looked at'}`}
                    onPress={() => (here ? onOpen(row.unit.id) : onChoose({ unitId: row.unit.id, column: id }))}
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
                  </Pressable>
                );
              })}
            </View>
          </View>
        ))}
      </View>
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
        {[unitFactsLine(unit), typeof belt === 'string' ? `belt ${belt}` : undefined].filter(Boolean).join(' · ')}
      </Txt>
    </Pressable>
  );
}
