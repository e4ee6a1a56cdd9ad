export { OWN_FINDING_FORM, type OwnFinding, ownFindingFaults, ownFindings } from './ownFinding';
