export { coldWeatherFindings, FAN_CYCLING_F, fanCyclingPsig } from './coldWeather';
export { airDoubt, type AirKnown, type GateFacts, type GateLine, gateOf, THAW_MINUTES } from './gate';
export {
  type GapId,
  type Ladder,
  type LadderGap,
  type LadderMark,
  type LadderOutcome,
  type MarkId,
  readLadder,
} from './ladder';
export { heatingLines, type HeatingLine, heatPumpBtuH } from './heating';
export { outdoorSide, type OutdoorLine } from './outdoorSide';
export { PAIRS, type Pattern, PATTERNS } from './patterns';
export { type Evidence, type PatternFacts, type Patterns, type RankedPattern, rankPatterns } from './rankPatterns';
export { BURNS, type RefrigerantId, REFRIGERANTS } from './refrigerants';
export { isOff, type OffSaturation, type Phase, saturationPsia, saturationTempF } from './saturation';
export { chartAsks, chartFault, orificeSuperheatF, USUAL } from './targets';
