import Papa from 'papaparse';
import type { FactDto } from '../fact';
import { writeTracesCsv } from './writeTracesCsv';

const trace: FactDto = {
  id: '11110000-0000-4000-8000-000000000001',
  kind: 'trace',
  inputs: { place: 'R2', probe: '=Manometer A', seconds: [0, 1, 3], values: [-0.2, -0.3, -0.31] },
  takenAt: '2026-05-12T10:42:10.000Z',
};

test('one line a second, the last one when the value was captured', () => {
  const text = writeTracesCsv([trace, { ...trace, kind: 'look', inputs: { item: 'filter', state: 'clean' } }]);
  const { data } = Papa.parse<string[]>(text.trim());
  expect(data).toHaveLength(4);
  expect(data[0]).toEqual(['time', 'probe', 'place', 'value', 'unit']);
  expect(data.at(-1)!.slice(0, 1)).toEqual(['2026-05-12T10:42:10.000Z']);
  expect(data.map((row) => row[3])).toEqual(['value', '-0.2', '-0.3', '-0.31']);
  expect(data[1]![4]).toBe('in. w.c.');
});

test('what a spreadsheet would run is guarded; nothing read is a head alone', () => {
  expect(writeTracesCsv([trace])).not.toMatch(/,=Manometer/);
  expect(writeTracesCsv([])).toBe('time,probe,place,value,unit\r\n');
});
