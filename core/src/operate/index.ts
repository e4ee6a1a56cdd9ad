export * from './operate';
