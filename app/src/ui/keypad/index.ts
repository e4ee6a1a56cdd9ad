export { Keypad } from './Keypad';
export { type AskedNumber, NumberSheet } from './NumberSheet';
export { KeyCap } from './KeyGrid';
