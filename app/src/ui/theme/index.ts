export * from './fonts';
export * from './palette';
export * from './ThemeChoice';
export * from './wide';
