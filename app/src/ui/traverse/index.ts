export * from './TraverseDrawing';
