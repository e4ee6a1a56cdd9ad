export { beltOutline, type DrawingBox, type DrivePose, driveScale } from './driveGeometry';
