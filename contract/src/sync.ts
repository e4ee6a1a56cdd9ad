/** How operations are checked. A separate entry: for the server, and for reading a file of changes back; not loaded with the first screen. */
export { checkOperation, checkPatched, checkRecord } from './operationDto';
export { SyncRequestDto } from './syncRequest';
export { brokenText, MOST_NAMES } from './text';
export { nestedClass } from './fields';
