export * from './DriveDrawing';
export * from '@huff/paper/drive';
