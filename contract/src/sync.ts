/** How operations are checked. An entry of its own: the server's door, not loaded by the app. */
export { checkOperation, checkPatched, checkRecord } from './operationDto';
export { SyncRequestDto } from './syncRequest';
export { brokenText, MOST_NAMES } from './text';
export { nestedClass } from './fields';
