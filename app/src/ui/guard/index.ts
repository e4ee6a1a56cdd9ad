export { Guard } from './Guard';
