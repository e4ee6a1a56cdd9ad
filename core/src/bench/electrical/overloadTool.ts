import { mostAmps, overloadDialAmps } from '../../air/drive';
import { defineTool, type ToolLine } from '../../base/forms/tool';

/** @example worked example E: 9.6 A, SF 1.15 → dial 12.0 A; SF 1.0 → 11.0 A */
export const overloadTool = defineTool({
  id: 'overload',
  name: 'Overload dial',
  group: 'Electrical',
  says: 'What the overload is set to, and what a trip means.',
  care: 'Sizing defers to local code and a licensed electrician.',
  fields: {
    plateAmps: { kind: 'number', label: 'Full-load amps of the plate', unit: 'amps', min: 0.1, max: 500 },
    serviceFactor: { kind: 'number', label: 'Service factor', unit: 'factor', min: 1, max: 1.5, assumed: 1 },
    dialAmps: { kind: 'number', label: 'Dial now', unit: 'amps', min: 0.1, max: 500, optional: true },
    plateVolts: { kind: 'number', label: 'Plate volts', unit: 'volts', min: 90, max: 700, optional: true },
    lineVolts: { kind: 'number', label: 'Line volts', unit: 'volts', min: 90, max: 700, optional: true },
  },
  solve({ plateAmps, serviceFactor, dialAmps, plateVolts, lineVolts }) {
    const dial = overloadDialAmps(plateAmps, serviceFactor);
    const lines: ToolLine[] = [
      {
        label: 'most it may draw, plate × service factor',
        value: mostAmps(plateAmps, serviceFactor),
        unit: 'amps',
        source: 'nameplate',
      },
    ];
    const notes: string[] = [];
    if (dialAmps !== undefined) {
      notes.push(
        dialAmps < plateAmps
          ? 'The dial stands under the plate: a trip there says the dial was set wrong.'
          : dialAmps > dial
            ? 'The dial stands over what it may: set it back. A trip there says the motor is overloaded.'
            : 'The dial is where it may be: a trip says the motor is overloaded.',
      );
    }
    if (plateVolts !== undefined && lineVolts !== undefined && lineVolts < plateVolts) {
      lines.push({
        label: 'a loaded motor draws at this voltage',
        value: (plateAmps * plateVolts) / lineVolts,
        unit: 'amps',
        source: 'computed',
      });
      notes.push(
        'Line is under the plate’s volts: a loaded motor draws more in proportion. Raise that as a finding, not only the dial.',
      );
    }
    return {
      ok: true,
      headline: { label: 'overload dial', value: dial, unit: 'amps', source: 'computed' },
      lines,
      formula: 'plate amps × 1.15; × 1.25 when the service factor is 1.15 or more',
      notes,
    };
  },
});
