export * from './figures';
export * from './measures';
export * from './plainText';
export * from './shopFloor';
