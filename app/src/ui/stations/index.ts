export * from './StationRun';
