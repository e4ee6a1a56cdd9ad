export * from './heating';
export * from './modelOf';
export * from './predict';
export * from './wear';
