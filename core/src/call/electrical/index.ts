export type { PowerCause } from './cause';
export type { Lane, PowerScheme } from './scheme';
