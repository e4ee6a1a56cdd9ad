export * from './friction';
