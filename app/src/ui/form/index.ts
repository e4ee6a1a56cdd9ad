export { Choice } from './Choice';
export { SearchField } from './SearchField';
