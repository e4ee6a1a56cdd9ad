export * from './storedForm';
