export * from './numberText';
export * from './unitSetup';
