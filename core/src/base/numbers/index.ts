export type { Sourced } from './source';
