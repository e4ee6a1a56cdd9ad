export { type DrawnGap, type DrawnMark, TemperatureLadder } from './TemperatureLadder';
