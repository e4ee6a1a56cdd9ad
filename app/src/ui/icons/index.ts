export * from './Icon';
