export * from './Txt';
