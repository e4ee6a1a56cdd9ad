import { mostAmps, overloadDialAmps } from '../../air/drive';
import { defineTool, type ToolLine } from '../../base/forms/tool';

/** @example worked example E: 9.6 A, SF 1.15 → dial 12.0 A; SF 1.0 → 11.0 A */
export const overloadTool = defineTool({
  id: 'overload',
  name: 'Overload dial',
  group: 'Electrical',
  says: 'How to set the overload, and what a trip means.',
  care: 'Local code and a licensed electrician decide sizing.',
  fields: {
    plateAmps: { kind: 'number', label: 'Full-load amps (FLA)', unit: 'amps', min: 0.1, max: 500 },
    serviceFactor: { kind: 'number', label: 'Service factor', unit: 'factor', min: 1, max: 1.5, assumed: 1 },
    dialAmps: { kind: 'number', label: 'Dial setting', unit: 'amps', min: 0.1, max: 500, optional: true },
    plateVolts: { kind: 'number', label: 'Nameplate volts', unit: 'volts', min: 90, max: 700, optional: true },
    lineVolts: { kind: 'number', label: 'Line volts', unit: 'volts', min: 90, max: 700, optional: true },
  },
  solve({ plateAmps, serviceFactor, dialAmps, plateVolts, lineVolts }) {
    const dial = overloadDialAmps(plateAmps, serviceFactor);
    const lines: ToolLine[] = [
      {
        label: 'max amps',
        value: mostAmps(plateAmps, serviceFactor),
        unit: 'amps',
        source: 'nameplate',
      },
    ];
    const notes: string[] = [];
    if (dialAmps !== undefined) {
      notes.push(
        dialAmps < plateAmps
          ? 'The dial is set below the nameplate. A trip means the dial was set wrong.'
          : dialAmps > dial
            ? 'The dial is set too high: turn it back. A trip means the motor is overloaded.'
            : 'The dial is set right. A trip means the motor is overloaded.',
      );
    }
    if (plateVolts !== undefined && lineVolts !== undefined && lineVolts < plateVolts) {
      lines.push({
        label: 'loaded amps',
        value: (plateAmps * plateVolts) / lineVolts,
        unit: 'amps',
        source: 'computed',
      });
      notes.push(
        'Line voltage is below the nameplate: a loaded motor draws more. Report low voltage; do not just raise the dial.',
      );
    }
    return {
      ok: true,
      headline: { label: 'overload dial', value: dial, unit: 'amps', source: 'computed' },
      lines,
      formula: 'nameplate amps × 1.15; × 1.25 when the service factor is 1.15 or more',
      notes,
    };
  },
});
