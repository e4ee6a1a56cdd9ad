export * from './Icon';
export * from './IconAction';
