export * from './Crossing';
