export * from './figures';
export * from './shopFloor';
