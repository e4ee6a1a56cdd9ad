export * from './findings';
export * from './items';
export * from './modelNumber';
export * from './told';
