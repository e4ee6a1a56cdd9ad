export { Airway } from './Airway';
