export * from './beltChoice';
export * from './cleared';
export * from './driveCheck';
export * from './driveOptions';
export * from './driveSolutions';
export * from './parts';
