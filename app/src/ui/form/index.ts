export * from './Choice';
export * from './SearchField';
