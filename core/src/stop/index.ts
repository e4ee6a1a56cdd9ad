export { isStopLook, isStopPoint, type Stop, type StopFacts, stopOf } from './stop';
export { STOPS } from './stops';
