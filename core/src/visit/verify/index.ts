export { moveWords, type PlanRecord, planRecordFault, promiseOf } from './planRecord';
export { proofOf } from './proof';
