export { STAND_WORD, WayOfPower } from './WayOfPower';
