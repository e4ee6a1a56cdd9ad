export * from './nextReading';
export * from './plausibility';
export * from './pressureReading';
export * from './takenMs';
export * from './totalStatic';
