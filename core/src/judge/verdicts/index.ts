export {
  type Judgement,
  judgePressure,
  judgeWhole,
  missingVerdict,
  type PointSigma,
  type PressureJudgement,
  tespAllowedInWc,
  tespWord,
  type TotalStatic,
  type UnitFacts,
} from './judge';
export {
  type Climate,
  CLIMATES,
  DEFAULT_RULES,
  type Rules,
  stageBudget,
  targetPerTon,
  targetPerTonSource,
  USUAL_METHOD_SIGMA,
} from './rules';
export { type RuleId, RULES_FORM, rulesOf, type ShopRules, shopRulesFaults, USUAL_RULES } from './shopRules';
export { type JudgedSection, measuredPath } from './sections';
export { judgeDrop, judgeRise } from './dropVerdict';
export { judgeFilterFace } from './filterFace';
export { type HeatBand, shareOfTarget, type Target, targetFor, targetOf, wordOnTarget } from './target';
export { airflowAgainst, airflowWordOf, isTooUnsure, type KnownFlow } from './airflowVerdict';
export { staticSigma, tespSigma } from './staticError';
