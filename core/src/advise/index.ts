export * from './advice';
export * from './landing';
export * from './speedOutcomes';
