import { PLACES, toolUnitText, toShown, type PlaceId } from '@huff/core';
import { CHANNELS } from '@huff/core/instruments';
import Papa from 'papaparse';
import type { FactDto } from '../fact';

const numbersOf = (value: unknown): readonly number[] => (Array.isArray(value) ? (value as number[]) : []);

/** The traces of a visit as CSV text, one line a second: time, probe, place, value, unit. Figures are in the units of the person who asks. */
export function writeTracesCsv(facts: readonly FactDto[]): string {
  const lines = facts
    .filter(({ kind }) => kind === 'trace')
    .flatMap(({ inputs, takenAt }) => {
      const place = PLACES[inputs.place as PlaceId];
      const plan = CHANNELS[place.channel];
      const [seconds, values] = [numbersOf(inputs.seconds), numbersOf(inputs.values)];
      // A trace ends when its value was captured.
      const begin = Date.parse(takenAt) - 1000 * (seconds.at(-1) ?? 0);
      const unit = toolUnitText(plan.unit);
      return values.map((value, i) => [
        new Date(begin + 1000 * (seconds[i] ?? i)).toISOString(),
        String(inputs.probe),
        place.name,
        Number(toShown(value, plan.unit).toFixed(4)),
        unit,
      ]);
    });
  const rows = [['time', 'probe', 'place', 'value', 'unit'], ...lines];
  return `${Papa.unparse(rows, { newline: '\r\n', escapeFormulae: true })}\r\n`;
}
