export { type DriveOption, driveOptions, type DriveRank, isAtEnd } from './driveOptions';
export { type DriveAnswer, driveSolution, type DriveSolution, driveSolutions } from './driveSolutions';
export { type DriveParts, NO_PARTS } from './parts';
