export * from './Txt';
export * from './ToldAt';
