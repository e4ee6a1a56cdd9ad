import { bad, edge, good, usually, type CheckPoint } from '../checks/checkPoint';

/** What is proved after a motor, like for like or of another kind, before the panel is shut. */
export const AFTER_MOTOR_POINTS: readonly CheckPoint[] = usually({ area: 'blower', minutes: 15, money: 0 }, [
  {
    id: 'afterRotation',
    name: 'Rotation',
    where: 'wheel seen as it starts',
    states: [
      good('right', 'the right way'),
      bad('wrong', 'backwards', 'Backwards: turn it round before anything is read.'),
    ],
    expects: 'as the arrow on the housing',
    power: 'running',
    minutes: 1,
  },
  {
    id: 'afterPower',
    power: 'seen',
    name: 'Power of the new motor',
    where: 'its plate beside the old one',
    states: [
      good('enough', 'at least the old one'),
      bad('less', 'less', 'Less power than the old motor: it will not carry the wheel.'),
    ],
    expects: 'at least the old one’s',
    minutes: 1,
  },
  {
    id: 'afterCapacitor',
    power: 'dead',
    name: 'Its own capacitor',
    where: 'µF of the new plate; an electronic motor has none',
    states: [
      good('own', 'as the new plate says'),
      bad('old', 'the old one kept', 'The capacitor must be the new motor’s own.'),
    ],
    expects: 'as the new plate says',
    minutes: 2,
  },
  {
    id: 'afterRelay',
    power: 'dead',
    name: 'Relay and signal',
    where: 'what switched the old motor; another kind needs a relay on its 24 V',
    states: [
      good('fits', 'fits'),
      bad('not', 'does not fit', 'The control does not suit this kind of motor: relay with a 24 V coil.'),
    ],
    expects: '24 V coil, contacts for the line',
    minutes: 3,
  },
  {
    id: 'afterTap',
    power: 'dead',
    name: 'Tap for the tons',
    where: 'speed in use against the target',
    states: [good('set', 'set'), edge('asFound', 'as it came', 'Speed left as it came: read static and airflow.')],
    expects: 'by the target, proved under Airflow',
    minutes: 3,
  },
  {
    id: 'afterLeads',
    power: 'dead',
    name: 'Unused leads',
    where: 'each capped by itself',
    states: [
      good('capped', 'capped, each by itself'),
      bad('open', 'open or joined', 'Unused leads open or joined: cap each by itself.'),
    ],
    expects: 'capped, each by itself',
    minutes: 1,
  },
  {
    id: 'afterAmps',
    name: 'Amps under the plate',
    where: 'cooling and heating speed, doors on',
    states: [
      good('under', 'under at both'),
      bad('over', 'over', 'Over the plate’s amps with the doors on: too fast, or the duct is open.'),
    ],
    expects: 'under the plate at both speeds',
    power: 'live',
    minutes: 4,
  },
  {
    id: 'afterHeat',
    name: 'Heat brings the blower on',
    where: 'one call for heat',
    states: [
      good('yes', 'on with the heat, stops last'),
      bad('no', 'not', 'Heat does not bring the blower on: heat off until it does.'),
    ],
    expects: 'on with the heat, stops last',
    power: 'running',
    minutes: 6,
  },
  {
    id: 'afterNote',
    power: 'seen',
    name: 'Note on the unit',
    where: 'kind, taps, capacitor, date, inside the door',
    states: [good('left', 'left'), edge('not', 'not yet', 'No note on the unit of what was changed.')],
    expects: 'left inside the door',
    minutes: 2,
  },
]);
