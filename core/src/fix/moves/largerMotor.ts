import { MOTOR_SIZES_HP } from '../../air/drive';
import { predictLoad } from './motorNow';
import { cannot, defineMove, moved } from './move';

/** The same speed with a motor that carries it. It changes no air by itself. */
export const largerMotor = defineMove({
  id: 'largerMotor',
  name: 'Larger motor',
  done: 'Installed a larger blower motor.',
  touches: 'motor',
  does: 'mendsFan',
  fields: {
    ratedHp: { kind: 'number', label: 'Rated power', unit: 'hp', min: 0.1, max: 50 },
    plateAmps: { kind: 'number', label: 'Full-load amps', unit: 'amps', min: 0.1, max: 200 },
    serviceFactor: { kind: 'number', label: 'Service factor', unit: 'factor', min: 1, max: 1.5, assumed: 1.15 },
  },
  cautions: ['lockOut', 'electrician', 'rotating'],
  minutes: 120,
  cost: 420,
  applies: (system, { goal }) =>
    system.fan.motor === 'beltDrive' && predictLoad(system, goal)?.word === 'outside'
      ? 'The motor is over its nameplate.'
      : undefined,
  defaults({ motor }) {
    const now = motor?.ratedHp ?? 1;
    const next = MOTOR_SIZES_HP.find((hp) => hp > now) ?? now;
    return {
      ratedHp: next,
      plateAmps: motor?.plateAmps ? Number(((motor.plateAmps * next) / now).toFixed(1)) : next * 3,
      serviceFactor: 1.15,
    };
  },
  says: ({ ratedHp, plateAmps }) => `${ratedHp} hp, ${plateAmps} A nameplate`,
  apply(system, values) {
    if (system.motor?.ratedHp !== undefined && values.ratedHp <= system.motor.ratedHp)
      return cannot(`The installed motor has ${system.motor.ratedHp} hp already.`, 'ratedHp');
    return moved({ ...system, motor: { ...system.motor, ...values } });
  },
});
