export * from './ReconcileChart';
