import type { MotorKind } from '../../../air/fan';
import type { PowerScheme } from '../../electrical/scheme';
import { constantAirflow } from './constantAirflow';
import { provedFan } from './provedFan';
import { pscBoard } from './pscBoard';
import { pscRelay } from './pscRelay';
import { terminalFan } from './terminalFan';
import { threePhase } from './threePhase';
import { torqueBoard } from './torqueBoard';
import { torqueRelay } from './torqueRelay';

/** Every way a blower is switched that Huff knows. A new one is a file and a line here. */
export const POWER_SCHEMES: readonly PowerScheme[] = [
  pscBoard,
  pscRelay,
  torqueBoard,
  torqueRelay,
  constantAirflow,
  threePhase,
  provedFan,
  terminalFan,
];

/** The scheme that was said while it suits the motor, else the usual one of the motor's kind: another motor brings another way of switching. */
export const schemeFor = (motor: MotorKind, said?: string): PowerScheme =>
  POWER_SCHEMES.find(({ id, motors }) => id === said && motors.includes(motor)) ??
  POWER_SCHEMES.find(({ motors }) => motors.includes(motor)) ??
  pscBoard;
