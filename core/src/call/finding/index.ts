export { OWN_FINDING_FORM, type OwnFinding, ownFindingFaults, ownFindingItem, ownFindings } from './ownFinding';
export { REPLACE_REASONS, replaceFinding, type ReplaceReason } from './replaceUnit';
