import { runningMicrofarads } from '../../air/drive';
import { defineTool, type ToolLine } from '../../base/forms/tool';

/** @example 4.2 A at 370 V → 30.1 µF */
export const runCapacitorTool = defineTool({
  id: 'runCapacitor',
  name: 'Run capacitor while running',
  group: 'Electrical',
  says: 'Capacitance from amps and volts of the running motor, at 60 Hz.',
  care: 'Live work. Read amps in the capacitor’s own lead. Discharge it before touching it.',
  fields: {
    amps: { kind: 'number', label: 'Capacitor lead amps', unit: 'amps', min: 0.05, max: 60 },
    volts: { kind: 'number', label: 'Capacitor volts', unit: 'volts', min: 90, max: 700 },
    ratedMicrofarads: { kind: 'number', label: 'Rated', unit: 'microfarads', min: 1, max: 120, optional: true },
    tolerancePercent: { kind: 'number', label: 'Allowed', unit: 'percent', min: 1, max: 20, assumed: 6 },
  },
  solve({ amps, volts, ratedMicrofarads, tolerancePercent }) {
    const found = runningMicrofarads(amps, volts);
    const lines: ToolLine[] = [];
    const notes: string[] = [];
    if (ratedMicrofarads !== undefined) {
      const off = 100 * (found / ratedMicrofarads - 1);
      lines.push({ label: 'of its rating', value: 100 + off, unit: 'percent', source: 'computed' });
      notes.push(
        off < -tolerancePercent
          ? 'Weak: replace it. Same capacity, same or higher voltage rating, never lower.'
          : off > tolerancePercent
            ? 'Over its rating: wrong part, or amps of another circuit. Check both.'
            : 'Within its rating.',
      );
    }
    return {
      ok: true,
      headline: { label: 'capacitance', value: found, unit: 'microfarads', source: 'computed' },
      lines,
      formula: 'µF = 2,652 × A ÷ V at 60 Hz',
      notes,
    };
  },
});
