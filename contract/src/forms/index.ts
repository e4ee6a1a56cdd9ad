export { fromNumberText } from './numberText';
export { UnitSetup } from './unitSetup';
