export * from './tapAdvice';
export * from './tapOutcomes';
export * from './speedGuide';
