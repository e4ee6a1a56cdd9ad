/** How the motor that turns the blower chooses its speed. */
export const MOTOR_KINDS = ['psc', 'constantTorque', 'constantAirflow', 'beltDrive'] as const;
export type MotorKind = (typeof MOTOR_KINDS)[number];
