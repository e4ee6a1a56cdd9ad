export { RETURN_DEW_POINT } from './measuredDrop';
