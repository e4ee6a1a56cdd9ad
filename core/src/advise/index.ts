export * from './tapAdvice';
export * from './tapOutcomes';
