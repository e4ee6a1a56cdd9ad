export * from './chance';
export * from './explain';
export * from './front';
export * from './planner';
export * from './readyPlans';
export * from './search';
export * from './speeds';
