export * from './blowerTable';
export * from './fanCurve';
