export * from './blowerTable';
export * from './fan';
export * from './fanCurve';
export * from './rpmFigures';
export * from './tableShape';
