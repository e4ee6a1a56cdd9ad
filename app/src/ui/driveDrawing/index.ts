export * from './DriveDrawing';
export * from './driveGeometry';
