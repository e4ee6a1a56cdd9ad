export { TemperatureLadder } from './TemperatureLadder';
