export * from './Keypad';
export * from './keypadEntry';
export * from './numberEntry';
export * from './NumberPad';
export * from './NumberSheet';
export { KeyCap } from './KeyGrid';
