import { bad, edge, good, usually, type CheckPoint } from '../checks/checkPoint';

/** What is proved after a motor, like for like or of another kind, before the panel is shut. */
export const AFTER_MOTOR_POINTS: readonly CheckPoint[] = usually({ area: 'blower', minutes: 15, money: 0 }, [
  {
    id: 'afterRotation',
    name: 'Rotation',
    where: 'wheel seen as it starts',
    states: [
      good('right', 'the right way'),
      bad('wrong', 'backwards', 'It turns backwards. Correct it before you measure anything.'),
    ],
    expects: 'as the arrow on the housing',
    power: 'running',
    minutes: 1,
  },
  {
    id: 'afterPower',
    power: 'seen',
    name: 'Power of the new motor',
    where: 'its nameplate next to the old one',
    states: [
      good('enough', 'at least the old one'),
      bad('less', 'less', 'Less power than the old motor: it cannot drive the wheel.'),
    ],
    expects: 'at least the old motor’s',
    minutes: 1,
  },
  {
    id: 'afterCapacitor',
    power: 'dead',
    name: 'Its own capacitor',
    where: 'µF on the new nameplate; an electronic motor has none',
    states: [
      good('own', 'per new nameplate'),
      bad('old', 'the old one kept', 'Install the capacitor the new motor calls for.'),
    ],
    expects: 'per new nameplate',
    minutes: 2,
  },
  {
    id: 'afterRelay',
    power: 'dead',
    name: 'Relay and signal',
    where: 'what switched the old motor; another motor type needs a relay on 24 V',
    states: [
      good('fits', 'fits'),
      bad('not', 'does not fit', 'The control does not suit this motor. Use a relay with a 24 V coil.'),
    ],
    expects: '24 V coil, contacts rated for line voltage',
    minutes: 3,
  },
  {
    id: 'afterTap',
    power: 'dead',
    name: 'Tap for the tons',
    where: 'speed in use against the target',
    states: [
      good('set', 'set'),
      edge('asFound', 'as it came', 'Speed left at factory setting: measure static and airflow.'),
    ],
    expects: 'set to the target, verified under Airflow',
    minutes: 3,
  },
  {
    id: 'afterLeads',
    power: 'dead',
    name: 'Unused leads',
    where: 'each capped by itself',
    states: [
      good('capped', 'capped, each by itself'),
      bad('open', 'open or joined', 'Unused leads are open or joined. Cap each one separately.'),
    ],
    expects: 'capped, each by itself',
    minutes: 1,
  },
  {
    id: 'afterAmps',
    name: 'Amps under the nameplate',
    where: 'cooling and heating speed, doors on',
    states: [
      good('under', 'below at both'),
      bad('over', 'over', 'Over nameplate amps with the doors on: too fast, or a duct is open.'),
    ],
    expects: 'below nameplate at both speeds',
    power: 'live',
    minutes: 4,
  },
  {
    id: 'afterHeat',
    name: 'Heat brings the blower on',
    where: 'one call for heat',
    states: [
      good('yes', 'on with the heat, stops last'),
      bad('no', 'not', 'Heat does not start the blower. Keep heat off until it does.'),
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
    states: [good('left', 'left'), edge('not', 'not yet', 'No note of the change on the unit.')],
    expects: 'left inside the door',
    minutes: 2,
  },
]);
