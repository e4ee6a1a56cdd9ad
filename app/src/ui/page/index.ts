export * from './ActionButton';
export * from './Columns';
export * from './Page';
export * from './PageFoot';
export * from './PaperRoot';
export * from './PlacesBar';
export * from './TextButton';
export * from './TextLink';
