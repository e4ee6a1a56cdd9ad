export * from './fanDoubt';
