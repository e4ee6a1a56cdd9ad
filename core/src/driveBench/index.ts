export * from './beltChoice';
export * from './cleared';
export * from './driveOptions';
export * from './driveSolutions';
export * from './parts';
