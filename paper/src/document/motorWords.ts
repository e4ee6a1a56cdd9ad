import type { MotorKind } from '@huff/core';

/** Kinds of blower motors as documents write them. */
export const MOTOR_WORDS: Readonly<Record<MotorKind, string>> = {
  psc: 'PSC motor',
  constantTorque: 'constant-torque motor',
  constantAirflow: 'constant-airflow motor',
  beltDrive: 'belt drive',
};
