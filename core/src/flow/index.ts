export * from './reconcile';
