export { asideReasons, type Fact, type FactKind, standingFacts, unreplaced, VISIT_ONLY_FACTS } from './facts';
export { checksOf, isOutcome, OUTCOME_FORM, type Outcome, outcomeSaid, type Step, stepsOf } from './outcome';
