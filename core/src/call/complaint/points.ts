import { good, type CheckPoint } from '../checks/checkPoint';
import { COMPLAINTS } from './complaints';
import { CALL_CAUTIONS } from './cautions';

/** What was said, what was replaced before, how the blower is switched, and the cautions read. */
export const COMPLAINT_POINTS: readonly CheckPoint[] = [
  {
    id: 'complaint',
    power: 'seen',
    name: 'Complaint',
    where: 'by the customer, or on the sheet',
    states: COMPLAINTS.map(({ id, words }) => ({ id, text: words })),
    expects: '',
    minutes: 0,
  },
  {
    id: 'scheme',
    power: 'seen',
    name: 'Blower control',
    where: 'by what is seen inside',
    states: [
      { id: 'pscBoard', text: 'board' },
      { id: 'pscRelay', text: 'fan relay, sequencers' },
      { id: 'torqueBoard', text: 'board, 24 V taps' },
      { id: 'torqueRelay', text: 'relay, 24 V taps' },
      { id: 'constantAirflow', text: 'harness and module' },
      { id: 'threePhase', text: 'contactor and overload' },
      { id: 'provedFan', text: 'airflow confirmed by a pressure switch' },
      { id: 'terminalFan', text: 'small terminal fan' },
    ],
    expects: '',
    minutes: 1,
  },
  {
    id: 'replacedBefore',
    power: 'seen',
    name: 'Replaced before',
    where: 'ask the owner, check the records',
    states: [
      good('nothing', 'nothing known'),
      { id: 'capacitor', text: 'capacitor' },
      { id: 'board', text: 'board or relay' },
      { id: 'motor', text: 'motor' },
      { id: 'motorTwice', text: 'motor, more than once' },
    ],
    expects: '',
    minutes: 1,
  },
  {
    id: 'triage',
    power: 'seen',
    name: 'What became of a finding',
    where: '',
    states: [
      { id: 'open', text: 'open' },
      { id: 'dealtWith', text: 'fixed' },
      { id: 'quoted', text: 'quoted' },
      { id: 'declined', text: 'declined' },
      { id: 'watch', text: 'watch' },
    ],
    // What was asked for it.
    number: { unit: 'factor', min: 0, max: 1_000_000, outcome: () => 'good' },
    expects: '',
    minutes: 0,
  },
  ...CALL_CAUTIONS.map(({ id, name }) => ({
    id: `caution-${id}`,
    power: 'seen' as const,
    name,
    where: '',
    states: [{ id: 'read', text: 'read' }],
    expects: '',
    minutes: 0,
  })),
];
