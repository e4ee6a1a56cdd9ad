export { loadOf } from './loadOf';
