export { STAND_WORD, WayOfPower, type WayPoint } from './WayOfPower';
