export * from './estimate';
export * from './reconcile';
export * from './sureness';
