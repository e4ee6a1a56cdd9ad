export * from './WorkingSheet';
