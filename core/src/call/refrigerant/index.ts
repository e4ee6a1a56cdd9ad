export { coldWeatherFindings, FAN_CYCLING_F, fanCyclingPsig } from './coldWeather';
export { airDoubt, type AirKnown, type GateLine, gateOf, THAW_MINUTES } from './gate';
export { type GapId, type Ladder, type LadderGap, type MarkId, readLadder } from './ladder';
export { heatingLines, type HeatingLine } from './heating';
export { outdoorSide, type OutdoorLine } from './outdoorSide';
export { type PatternFacts, type Patterns, rankPatterns } from './rankPatterns';
export { BURNS, REFRIGERANTS } from './refrigerants';
export { isOff, saturationTempF } from './saturation';
export { chartAsks, chartFault, orificeSuperheatF } from './targets';
