export { WorkingSheet } from './WorkingSheet';
