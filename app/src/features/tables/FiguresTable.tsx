import type { TableFiguresDto } from '@huff/contract';
import { flowText, staticText } from '@huff/core';
import { ScrollView } from 'react-native';
import { DataTable } from 'react-native-paper';
import { BOLD, REGULAR, usePalette } from '../../ui/theme';

/** A blower table as the maker prints it: taps down, statics across, blanks left blank. */
export function FiguresTable({ figures }: { readonly figures: TableFiguresDto }) {
  const palette = usePalette();
  const figure = { fontFamily: REGULAR, fontSize: 16, color: palette.ink, fontVariant: ['tabular-nums' as const] };
  const head = { fontFamily: BOLD, fontSize: 14, color: palette.softInk };
  return (
    <ScrollView horizontal tabIndex={0} aria-label="CFM by tap and external static, in. w.c.">
      <DataTable style={{ width: 110 + 68 * figures.staticsInWc.length }}>
        <DataTable.Header>
          <DataTable.Title style={{ width: 94, flex: undefined }} textStyle={head}>
            tap
          </DataTable.Title>
          {figures.staticsInWc.map((p) => (
            <DataTable.Title key={p} numeric textStyle={head}>
              {staticText(p)}
            </DataTable.Title>
          ))}
        </DataTable.Header>
        {figures.taps.map((row) => (
          <DataTable.Row key={row.tap}>
            <DataTable.Cell style={{ width: 94, flex: undefined }} textStyle={{ ...figure, fontFamily: BOLD }}>
              {row.tap}
            </DataTable.Cell>
            {row.flowsCfm.map((flow, i) => (
              <DataTable.Cell key={figures.staticsInWc[i]} numeric textStyle={figure}>
                {flow === null ? '–' : flowText(flow)}
              </DataTable.Cell>
            ))}
          </DataTable.Row>
        ))}
      </DataTable>
    </ScrollView>
  );
}
