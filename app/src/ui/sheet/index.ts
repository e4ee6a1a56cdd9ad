export * from './Sheet';
