export * from './advise';
export * from './fan';
export * from './judge';
export * from './operate';
export * from './path';
export * from './readings';
export * from './system';
export * from './words';
