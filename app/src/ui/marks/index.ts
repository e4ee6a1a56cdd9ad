export * from './VerdictMark';
