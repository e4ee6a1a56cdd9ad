import { inputFaults, soundInputs, type FieldSet, type RawInputs } from '../../base/forms';
import type { MotorFacts } from '../../air/system';

/** What stands on the blower motor's plate. */
export const MOTOR_PLATE_FORM = {
  fields: {
    ratedHp: { kind: 'number', label: 'Rated power', unit: 'hp', min: 0.05, max: 50, optional: true },
    plateVolts: { kind: 'number', label: 'Volts', unit: 'volts', min: 90, max: 700, optional: true },
    plateAmps: { kind: 'number', label: 'Full-load amps', unit: 'amps', min: 0.05, max: 300, optional: true },
    serviceFactor: { kind: 'number', label: 'Service factor', unit: 'factor', min: 1, max: 1.5, optional: true },
    phases: {
      kind: 'choice',
      label: 'Supply',
      options: [
        { id: 'one', text: 'single-phase' },
        { id: 'three', text: 'three-phase' },
      ],
    },
  },
} as const satisfies FieldSet;

/** The plate behind what was typed; undefined while something is wrong with it. */
export function motorPlateOf(raw: RawInputs): MotorFacts | undefined {
  if (inputFaults(MOTOR_PLATE_FORM, raw).length > 0) return undefined;
  const { phases, ...plate } = soundInputs(MOTOR_PLATE_FORM, raw);
  return { ...plate, phases: phases === 'three' ? 3 : 1 };
}
