import { staticWords, staticText, flowWords, flowText } from '../../base/words';
import { rpmFaults } from './rpmFigures';
import type { BlowerTable, TableFault, TapRow } from './tableShape';

function rowFaults(row: TapRow, tapIndex: number, statics: readonly number[]): TableFault[] {
  const faults: TableFault[] = [];
  if (row.flowsCfm.length !== statics.length) {
    faults.push({
      code: 'rowLength',
      tapIndex,
      message: `Tap ${row.tap} has ${row.flowsCfm.length} cells for ${statics.length} statics. Leave a cell blank where the manufacturer gives no figure.`,
    });
    return faults;
  }
  let last: { flow: number; index: number } | undefined;
  row.flowsCfm.forEach((flow, staticIndex) => {
    if (flow === null) return;
    if (!(Number.isFinite(flow) && flow > 0)) {
      faults.push({
        code: 'badFlow',
        tapIndex,
        staticIndex,
        message: `Tap ${row.tap} at ${staticWords(statics[staticIndex]!)}: airflow must be a number above 0, or blank.`,
      });
      return;
    }
    if (last && flow > last.flow) {
      faults.push({
        code: 'risingFlow',
        tapIndex,
        staticIndex,
        message: `Tap ${row.tap}: ${flowWords(flow)} at ${staticText(statics[staticIndex]!)} is more than ${flowText(last.flow)} at ${staticText(statics[last.index]!)}. Airflow falls as static rises: check these two cells.`,
      });
    }
    last = { flow, index: staticIndex };
  });
  if (!last) {
    faults.push({
      code: 'emptyRow',
      tapIndex,
      message: `Tap ${row.tap} has no figures. Fill its row or take it out.`,
    });
  }
  return faults;
}

/**
 * Everything that keeps a blower table from being read safely.
 *
 * A sound table has at least two statics, rising; each tap once; a cell or a blank for each static; CFM above 0 that
 * never rises with static (equal neighbours are allowed: a constant-airflow motor holds its flow).
 *
 * @returns faults in reading order, empty for a sound table
 * @source field practice: manufacturers' blower tables list a fan curve, which falls or stays level from left to right
 * @example tableFaults({ staticsInWc: [0.1, 0.2], taps: [{ tap: '1', flowsCfm: [900, 950] }] })[0].code // 'risingFlow'
 */
export function tableFaults(table: BlowerTable): TableFault[] {
  const faults: TableFault[] = [];
  if (table.staticsInWc.length < 2) {
    faults.push({ code: 'noStatics', message: 'A table needs at least two statics to read between.' });
  }
  table.staticsInWc.forEach((staticInWc, staticIndex) => {
    const before = table.staticsInWc[staticIndex - 1];
    if (!Number.isFinite(staticInWc) || (before !== undefined && staticInWc <= before)) {
      faults.push({
        code: 'staticsNotRising',
        staticIndex,
        message: `Statics must rise from left to right: ${staticInWc} comes after ${before}.`,
      });
    }
  });
  if (table.taps.length === 0) faults.push({ code: 'noTaps', message: 'A table needs at least one tap.' });
  const seen = new Set<string>();
  table.taps.forEach((row, tapIndex) => {
    if (seen.has(row.tap)) {
      faults.push({
        code: 'duplicateTap',
        tapIndex,
        message: `Tap ${row.tap} is there twice. Give each tap one row.`,
      });
    }
    seen.add(row.tap);
    faults.push(...rowFaults(row, tapIndex, table.staticsInWc));
  });
  if (table.byRpm) faults.push(...rpmFaults(table.byRpm, table.staticsInWc));
  return faults;
}
