import { shownWords } from '../../base/words';
import { bad, edge, good, usually, within, type CheckPoint } from '../checks/checkPoint';

const flow = (id: string, name: string, where: string): CheckPoint => ({
  id,
  name,
  where,
  number: { unit: 'cfm', min: 0, max: 200_000, outcome: () => 'good' },
  expects: 'as measured or from its nameplate',
  power: 'seen',
  minutes: 10,
});
const temperature = (id: string, name: string, where: string): CheckPoint => ({
  id,
  name,
  where,
  number: { unit: 'degF', min: -40, max: 180, outcome: () => 'good' },
  expects: 'dry bulb, steady',
  power: 'seen',
  minutes: 2,
});

/** Air that goes in and out of the building, and what brings it. */
export const BUILDING_POINTS: readonly CheckPoint[] = usually({ area: 'building', minutes: 30, money: 0 }, [
  flow('exhaustCfm', 'Exhaust', 'all fans that run, together'),
  flow('makeUpCfm', 'Make-up air', 'all units, together'),
  flow('outdoorAirCfm', 'Outdoor air', 'at the rooftop units, together'),
  {
    id: 'buildingInWc',
    power: 'running',
    name: 'Building',
    where: 'against outdoors, hose out of the wind',
    number: {
      unit: 'inWc',
      min: -1,
      max: 1,
      outcome: (value) => (value < -0.02 ? 'bad' : value > 0.05 ? 'edge' : 'good'),
    },
    expects: 'a little over outdoors',
    minutes: 3,
  },
  temperature('returnAirF', 'Return', 'before outdoor air joins'),
  temperature('mixedAirF', 'Mixed', 'several points across, before the coil'),
  temperature('outdoorAirF', 'Outdoors', 'in the shade, at the hood'),
  {
    id: 'warmOutlet',
    power: 'running',
    name: 'Outlet off the others',
    where: 'dry bulb at the outlet against the supply at the unit, ten minutes in',
    number: {
      unit: 'deltaF',
      min: 0,
      max: 80,
      outcome: within(0, 4, 4),
      finding: (value) =>
        value > 8
          ? 'Outlet temperature is far from supply: its duct leaks, came off, or is uninsulated in a hot or cold space.'
          : undefined,
    },
    noteLabel: 'Which outlet',
    get expects() {
      return `within ${shownWords(4, 'deltaF', 0)} of supply`;
    },
    minutes: 10,
  },
  {
    id: 'closedRoom',
    power: 'running',
    effort: { area: 'ducts', minutes: 60, money: 40 },
    name: 'Closed room',
    where: 'door shut, blower on: hose under the door, against the hallway',
    number: {
      unit: 'inWc',
      min: -0.5,
      max: 0.5,
      // 3 Pa, the usual limit for a bedroom; 5 Pa and more is felt at the register (J).
      outcome: within(-0.012, 0.012, 0.008),
      finding: (value) =>
        value > 0.02
          ? 'A closed room is pressurized: its air cannot get back to the return. Undercut the door or add a transfer grille.'
          : value < -0.02
            ? 'A closed room is under negative pressure: more air leaves than comes in. Look for a return or exhaust without supply.'
            : undefined,
    },
    noteLabel: 'Which room',
    get expects() {
      return `within ${shownWords(0.012, 'inWc', 3)} of the hallway`;
    },
    minutes: 3,
  },
  {
    id: 'doorsPull',
    power: 'running',
    name: 'Doors',
    where: 'an outside door let go a hand wide, all fans as usual',
    states: [
      good('still', 'stays or closes softly'),
      bad('pull', 'pulled in', 'Doors pull in: more air is exhausted than comes in.'),
      bad('push', 'pushed out', 'Doors push out: more air comes in than is exhausted.'),
    ],
    expects: 'stays or closes softly',
    minutes: 2,
  },
  {
    id: 'backDraft',
    power: 'running',
    effort: { area: 'safety', minutes: 30, money: 0 },
    name: 'Flues',
    where: 'a little smoke at each draft hood, exhaust fans on',
    states: [
      good('draws', 'draws'),
      bad('spills', 'spills', 'Flue spills: burner off, ventilate, refer. Exhaust without make-up air causes it.'),
    ],
    expects: 'draws',
    minutes: 4,
  },
  {
    id: 'economizerMin',
    power: 'running',
    name: 'Economizer at rest',
    where: 'blower on, no call: the damper looked at',
    states: [
      good('minimum', 'at its minimum'),
      bad('shut', 'shut', 'Outdoor air damper is shut: the building has no ventilation.'),
      bad('wide', 'wide open', 'Economizer is stuck wide open.'),
      edge('none', 'there is none'),
    ],
    expects: 'open to its minimum',
    minutes: 3,
  },
  {
    id: 'economizerCold',
    name: 'Compressors in the cold',
    get where() {
      return `cooling call under about ${shownWords(50, 'degF', 0)} outdoors`;
    },
    states: [
      good('locked', 'locked out, damper cools'),
      bad(
        'run',
        'run',
        'Compressors run in the cold: the changeover sensor is open or shorted, or the lockout is set wrong.',
      ),
    ],
    expects: 'locked out',
    power: 'running',
    minutes: 4,
  },
  {
    id: 'economizerSensor',
    power: 'dead',
    name: 'Its sensors',
    where: 'ohms against the manufacturer’s chart, or a known resistor in its place',
    states: [
      good('sound', 'as the chart says'),
      bad('open', 'open', 'Economizer sensor is open: changeover never works, or always does.'),
      bad('short', 'shorted', 'Economizer sensor is shorted: changeover never works, or always does.'),
    ],
    expects: 'as the chart says',
    minutes: 6,
  },
  {
    id: 'makeUpBurner',
    power: 'running',
    name: 'Make-up air unit',
    where: 'on with the exhaust, burner at its set point',
    states: [
      good('runs', 'runs, at set point'),
      bad(
        'off',
        'switched off',
        'Make-up air is switched off: the building goes negative, and units freeze or do not heat.',
      ),
      bad('trips', 'trips its overload', 'Make-up fan trips: check legs, amps when cold, dial, belts and sheave.'),
      bad('cold', 'runs cold', 'Make-up air runs cold: check the burner sequence.'),
    ],
    expects: 'on whenever the exhaust is',
    minutes: 5,
  },
  temperature('makeUpSetF', 'Make-up air setpoint', 'on its controller'),
  temperature('makeUpSupplyF', 'Make-up air, supply', 'in its duct, ten minutes after it started'),
  {
    id: 'makeUpAmps',
    name: 'Make-up fan, amps of its nameplate',
    where: 'largest leg, as percent of nameplate',
    number: { unit: 'percent', min: 0, max: 400, outcome: within(0, 100, 15) },
    expects: 'up to 100 %',
    power: 'live',
    minutes: 3,
  },
  {
    id: 'makeUpDial',
    power: 'seen',
    name: 'Make-up fan, overload dial',
    where: 'against its nameplate amps',
    states: [
      good('right', 'per nameplate'),
      bad('low', 'set below', 'Overload dial is below the nameplate: it trips a good motor. Set it to the nameplate.'),
      bad(
        'high',
        'set above',
        'Overload dial is above the nameplate: the motor is not protected. Set it to the nameplate.',
      ),
    ],
    expects: 'nameplate amps, per manufacturer',
    minutes: 2,
  },
]);
