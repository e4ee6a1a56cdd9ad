export * from './Keypad';
export * from './keypadEntry';
