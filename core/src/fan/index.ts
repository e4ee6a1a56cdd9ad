export * from './blowerTable';
export * from './fan';
export * from './fanCurve';
export * from './rpmFigures';
export * from './tableShape';
export * from './thinAir';
export * from './usualCurve';
export * from './spread';
