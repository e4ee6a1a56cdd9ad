export * from './station';
export * from './StationRun';
