export * from './cleanDrop';
export * from './filter';
export * from './media';
