import type { MotorKind } from './motorKind';

/** Kinds of blower motors as a person reads them. */
export const MOTOR_TEXT: Readonly<Record<MotorKind, string>> = {
  psc: 'PSC',
  constantTorque: 'constant torque',
  constantAirflow: 'constant airflow',
  beltDrive: 'belt drive',
};
