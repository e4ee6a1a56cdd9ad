export * from './observe';
