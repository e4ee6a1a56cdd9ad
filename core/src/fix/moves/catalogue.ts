import { addSupplyRun } from './addSupplyRun';
import { changeTap } from './changeTap';
import { cleanCoil } from './cleanCoil';
import { cleanWheel } from './cleanWheel';
import { deeperMedia } from './deeperMedia';
import { dehumidifyOff } from './dehumidifyOff';
import { enlargeReturn, enlargeSupply } from './enlargeDuct';
import { fixLiner } from './fixLiner';
import { grilleBox } from './grilleBox';
import { largerMotor } from './largerMotor';
import type { Move } from './move';
import { newBelt } from './newBelt';
import { newFilter } from './newFilter';
import { openDamper } from './openDamper';
import { otherMotor } from './otherMotor';
import { replaceFlex } from './replaceFlex';
import { runCapacitor } from './runCapacitor';
import { sealLeak } from './sealLeak';
import { secondReturn } from './secondReturn';
import { setDrive } from './setDrive';
import { singleFilter } from './singleFilter';
import { swapPhases } from './swapPhases';

/**
 * Every fix there is, in the order they are applied and shown: what fixes, what takes resistance away, the speed last. A second
 * return comes after all that changes the return it relieves.
 */
export const MOVES: readonly Move[] = [
  swapPhases,
  runCapacitor,
  newBelt,
  cleanWheel,
  dehumidifyOff,
  singleFilter,
  newFilter,
  deeperMedia,
  cleanCoil,
  openDamper,
  replaceFlex,
  fixLiner,
  grilleBox,
  sealLeak,
  enlargeReturn,
  enlargeSupply,
  addSupplyRun,
  secondReturn,
  otherMotor,
  changeTap,
  setDrive,
  largerMotor,
] as unknown as readonly Move[];

const BY_ID = new Map(MOVES.map((move) => [move.id, move]));

/** The move of an id, or undefined. */
export const moveOf = (id: string): Move | undefined => BY_ID.get(id);
