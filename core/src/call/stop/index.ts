export { isStopLook, isStopPoint, type Stop, stopOf } from './stop';
