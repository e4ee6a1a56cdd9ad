export type { DrivePose } from './driveGeometry';
export { driveShapes, pitchText } from './driveShapes';
