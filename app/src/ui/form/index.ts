export * from './Choice';
