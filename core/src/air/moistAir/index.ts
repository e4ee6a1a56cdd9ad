export { type AirFacts, densityOf, sensibleFactor, STANDARD_DENSITY, velocityFpm } from './density';
export {
  barometricPsia,
  moistAir,
  type MoistAir,
  type Moisture,
  ofHumidityRatio,
  saturatedEnthalpy,
  SEA_LEVEL_PSIA,
} from './moistAir';
export { saturatedEnthalpyAt } from './saturatedTable';
