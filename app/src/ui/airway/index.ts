export * from './Airway';
export * from './stageNames';
