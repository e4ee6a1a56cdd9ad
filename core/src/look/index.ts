export * from './findings';
export * from './items';
export * from './modelNumber';
