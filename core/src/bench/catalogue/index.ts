export { toolOf } from './visitTools';
