export * from './filter';
export * from './media';
