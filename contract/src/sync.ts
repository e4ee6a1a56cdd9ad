/** How operations are checked. An entry of its own: the server's door, and what reads a file of changes back; not loaded with the first screen. */
export { checkOperation, checkPatched, checkRecord } from './operationDto';
export { SyncRequestDto } from './syncRequest';
export { brokenText, MOST_NAMES } from './text';
export { nestedClass } from './fields';
