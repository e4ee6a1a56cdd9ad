export * from './DropDrawing';
