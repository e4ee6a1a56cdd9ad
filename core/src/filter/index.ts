export * from './filter';
