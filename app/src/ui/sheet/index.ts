export * from './FullSheet';
export * from './Sheet';
