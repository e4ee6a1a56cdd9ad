export type { DrivePose } from './driveGeometry';
export { driveShapes, inches } from './driveShapes';
