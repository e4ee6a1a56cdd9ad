export { TraverseDrawing } from './TraverseDrawing';
