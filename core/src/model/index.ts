export * from './heating';
export * from './measuredSystem';
export * from './predict';
export * from './wear';
