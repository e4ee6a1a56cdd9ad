import type { TableFiguresDto } from '@huff/contract';
import { unitText, flowText, staticText } from '@huff/core';
import { ScrollView } from 'react-native';
import { DataTable } from 'react-native-paper';
import { BOLD, REGULAR, usePalette } from '../../ui/theme';

/** Names are set in bold figures of this width, px. */
const SIGN_WIDTH = 11;
const NAME_PAD = 18;
/** On both sides of a row. */
const ROW_PAD = 32;

/** "823 · 1.21", or what of it the manufacturer gives. */
const rpmCell = (rpm: number | null | undefined, bhp: number | null | undefined) =>
  typeof rpm !== 'number' ? '–' : typeof bhp === 'number' ? `${rpm} · ${bhp.toFixed(2)}` : String(rpm);

/** A blower table as the manufacturer prints it: taps down, statics across, blanks left blank. */
export function FiguresTable({ figures }: { readonly figures: TableFiguresDto }) {
  const palette = usePalette();
  const figure = { fontFamily: REGULAR, fontSize: 16, color: palette.ink, fontVariant: ['tabular-nums' as const] };
  const { byRpm } = figures;
  const rows = byRpm
    ? byRpm.flowsCfm.map((flow, i) => ({
        name: flowText(flow),
        cells: figures.staticsInWc.map((_, j) => rpmCell(byRpm.rpm[i]?.[j], byRpm.bhp[i]?.[j])),
      }))
    : figures.taps.map((row) => ({
        name: row.tap,
        cells: row.flowsCfm.map((flow) => (flow === null ? '–' : flowText(flow))),
      }));
  const says = byRpm
    ? `RPM and brake horsepower by ${unitText('cfm')} and external static, ${unitText('inWc')}`
    : `${unitText('cfm')} by tap and external static, ${unitText('inWc')}`;
  const nameWidth = NAME_PAD + SIGN_WIDTH * Math.max(6, ...rows.map(({ name }) => name.length));
  const nameCell = { width: nameWidth, flexGrow: 0, flexShrink: 0, flexBasis: nameWidth };
  const head = { fontFamily: BOLD, fontSize: 14, color: palette.softInk };
  return (
    <ScrollView horizontal tabIndex={0} aria-label={says}>
      <DataTable style={{ width: nameWidth + ROW_PAD + (byRpm ? 112 : 68) * figures.staticsInWc.length }}>
        <DataTable.Header>
          <DataTable.Title style={nameCell} textStyle={head}>
            {byRpm ? unitText('cfm') : 'tap'}
          </DataTable.Title>
          {figures.staticsInWc.map((p) => (
            <DataTable.Title key={p} numeric textStyle={head}>
              {staticText(p)}
            </DataTable.Title>
          ))}
        </DataTable.Header>
        {rows.map((row) => (
          <DataTable.Row key={row.name}>
            <DataTable.Cell style={nameCell} textStyle={{ ...figure, fontFamily: BOLD }}>
              {row.name}
            </DataTable.Cell>
            {row.cells.map((cell, i) => (
              <DataTable.Cell key={figures.staticsInWc[i]} numeric textStyle={figure}>
                {cell}
              </DataTable.Cell>
            ))}
          </DataTable.Row>
        ))}
      </DataTable>
    </ScrollView>
  );
}
