export * from './blowerTable';
export * from './fanCurve';
export * from './rpmFigures';
export * from './fan';
