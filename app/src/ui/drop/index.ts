export { DropDrawing } from './DropDrawing';
