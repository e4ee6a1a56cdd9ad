export { type Belt, beltOf, readBeltMark } from './belt';
export { type BeltDrive, driveState } from './beltDrive';
export {
  alignmentIn,
  BELT_SPEED_FPM,
  beltPitchLengthIn,
  beltSpeedFpm,
  centresIn,
  deflectionIn,
  fittingRoomIn,
  LEAST_WRAP_DEG,
  spanIn,
  takeUpIn,
  wrapDeg,
} from './beltGeometry';
export { sameSize } from './beltSection';
export {
  ASSUMED_EFFICIENCY,
  ASSUMED_POWER_FACTOR,
  electricWatts,
  mostAmps,
  MOTOR_SIZES_HP,
  motorSizeFor,
  overloadDialAmps,
  runningMicrofarads,
  WATTS_A_HP,
} from './electrical';
export { beltSlip, blowerRpm, fanLaws, MOST_SLIP } from './fanLaws';
export { imbalanceFinding, imbalancePercent, meanOf, threeLegs } from './imbalance';
export { type AdjustableSheave, pitchAt, settingsOf, type Sheave, TURN_STEP, turnsFor } from './sheave';
export { ampsAtLoad, beltPowerFactor, loadAtAmps, noLoadShare } from './beltMotor';
export { beltHp, deflectionLb, leastMotorSheaveIn } from './beltPower';
export { sheaveSpeeds } from './sheaveSpeeds';
