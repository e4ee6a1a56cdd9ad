export { type EnergyRules, USUAL_HOURS, yearlyEnergy } from './yearly';
