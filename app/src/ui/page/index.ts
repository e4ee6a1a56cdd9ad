export * from './ActionButton';
export * from './Page';
export * from './PaperRoot';
export * from './PlacesBar';
export * from './TextButton';
