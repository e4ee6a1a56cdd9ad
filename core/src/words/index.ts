export * from './figures';
export * from './measures';
export * from './shopFloor';
