export * from './assessVisit';
export * from './ductBudget';
export * from './estimates';
export * from './facts';
export * from './filterRetest';
export * from './filterTells';
export * from './nextMeasure';
export * from './questions';
