export * from './judge';
export * from './rules';
export * from './stretches';
export * from './verdict';
export * from './dropVerdict';
export * from './filterFace';
export * from './target';
