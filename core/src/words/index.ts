export * from './figures';
