export * from './blowerTable';
export * from './check';
export * from './forms';
export * from './limits';
export * from './problem';
export * from './reading';
export * from './unit';
export * from './visit';
