export { type Advice, advise } from './advice';
export { awayFrom, isChoked, landingOf, landingScore, type Tier, tierOf } from './landing';
export { speedName, type SpeedOutcome } from './speedOutcomes';
