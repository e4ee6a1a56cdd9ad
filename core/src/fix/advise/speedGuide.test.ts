import { EXAMPLE_A_TABLE } from '../../../fixtures/exampleA';
import { EXAMPLE_D_TABLE } from '../../../fixtures/exampleD';
import type { BlowerTable } from '../../air/fan';
import { giveUpStatic, speedGuide, switchSettings } from './speedGuide';

const switches: BlowerTable = {
  staticsInWc: [0.5, 0.6, 0.7, 0.8, 0.9],
  taps: [
    { tap: 'B', flowsCfm: [1870, 1860, 1850, 1820, 1760] },
    { tap: 'A', flowsCfm: [2035, 2030, 2000, 1930, null] },
  ],
};

test('PSC: which lead goes where, the rest capped, the relay’s contacts', () => {
  const guide = speedGuide({ motor: 'psc', table: EXAMPLE_A_TABLE, from: '3', to: '4', heatTap: '2' });
  const all = guide.steps.join(' ');
  expect(all).toContain('take the 3 lead off the cooling terminal and put the 4 lead there');
  expect(all).toContain('Cap the 3 lead');
  expect(all).toContain('normally closed is heating speed');
  expect(all).toContain('discharge the run capacitor');
  expect(guide.heating).toBe('Heating stays on 2.');
});

test('constant torque: the 24 V lead, line voltage stays on', () => {
  const guide = speedGuide({ motor: 'constantTorque', table: EXAMPLE_A_TABLE, from: '3', to: '4' });
  expect(guide.headline).toBe('24 V lead: tap 3 to tap 4');
  expect(guide.steps[0]).toContain('Line voltage is always on this motor');
  expect(guide.heating).toContain('set separately');
});

test('constant airflow: the request of the switch, and where it gives up', () => {
  expect(giveUpStatic(switches, 'A')).toBe(0.7);
  expect(giveUpStatic(switches, 'B')).toBe(0.8);
  expect(giveUpStatic(switches, 'no such')).toBeUndefined();
  const guide = speedGuide({ motor: 'constantAirflow', table: switches, from: 'B', to: 'A' });
  expect(guide.steps.join(' ')).toContain('the request becomes 2,035 CFM');
  expect(guide.mind).toContain('about 0.70 in. w.c.');
});

test('the switch table: what each setting asks for and how far it holds', () => {
  const even = { tap: 'C', flowsCfm: [1700, 1700, 1695, 1690, 1680] };
  const blank = { tap: 'D', flowsCfm: [null, null, null, null, null] };
  expect(switchSettings({ ...switches, taps: [...switches.taps, even, blank] })).toEqual([
    { tap: 'B', askedCfm: 1870, holdsToInWc: 0.8, holdsThroughout: false },
    { tap: 'A', askedCfm: 2035, holdsToInWc: 0.7, holdsThroughout: false },
    { tap: 'C', askedCfm: 1700, holdsToInWc: 0.9, holdsThroughout: true },
  ]);
});

test('belt: half turns to a flat, never past the range, amps on every leg', () => {
  const all = speedGuide({ motor: 'beltDrive', table: EXAMPLE_D_TABLE, from: '823', to: '922' }).steps.join(' ');
  expect(all).toContain('Half turns only, both grooves alike, never past its range');
  expect(all).toContain('amps on every leg');
});
