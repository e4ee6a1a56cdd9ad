import type { TableFiguresDto } from '@huff/contract';
import { unitText, flowText, staticText } from '@huff/core';
import { ScrollView } from 'react-native';
import { DataTable } from 'react-native-paper';
import { BOLD, REGULAR, usePalette } from '../../ui/theme';

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
  const head = { fontFamily: BOLD, fontSize: 14, color: palette.softInk };
  return (
    <ScrollView horizontal tabIndex={0} aria-label={says}>
      <DataTable style={{ width: 110 + (byRpm ? 112 : 68) * figures.staticsInWc.length }}>
        <DataTable.Header>
          <DataTable.Title style={{ width: 94, flex: undefined }} textStyle={head}>
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
            <DataTable.Cell style={{ width: 94, flex: undefined }} textStyle={{ ...figure, fontFamily: BOLD }}>
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
