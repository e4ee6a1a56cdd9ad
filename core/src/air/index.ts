export * from './density';
export * from './moistAir';
