export { BlockView } from './BlockView';
