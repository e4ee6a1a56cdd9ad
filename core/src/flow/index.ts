export * from './estimate';
export * from './reconcile';
