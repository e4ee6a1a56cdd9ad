/** How operations are checked. An entry of its own: the server's door, not loaded by the app. */
export * from './operationDto';
export * from './syncRequest';
export { brokenText } from './text';
export { nestedClass } from './fields';
