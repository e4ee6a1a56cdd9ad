export { DriveDrawing } from './DriveDrawing';
