export * from './modelOf';
export * from './predict';
