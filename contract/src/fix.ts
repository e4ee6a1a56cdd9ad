/** What planning and the shop need beside the records. An entry of its own: the first screen does not load it. */
export * from './planRequest';
export { provenUnit, unitAfter } from './proven';
export * from './shop';
export { stockOf, withCounts } from './stockOf';
