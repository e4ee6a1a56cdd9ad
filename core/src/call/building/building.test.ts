import { netBuilding, outdoorAirShare } from './buildingAir';
import { BUILDING_POINTS } from './points';

test('outdoor air from three temperatures, with its error', () => {
  const told = outdoorAirShare(72, 64, 32);
  expect(told).toMatchObject({ ok: true, share: 0.2 });
  expect(told.ok && told.sigma).toBeCloseTo(0.0227, 3);
});

test.each([
  [72, 71, 70, /2 °F apart: too close/],
  [72, 72, 72, /too close/],
  [72, 80, 32, /not between return and outdoor air/],
])('%d, %d, %d is refused with the reason', (returnF, mixedF, outdoorF, words) => {
  const told = outdoorAirShare(returnF, mixedF, outdoorF);
  expect(!told.ok && told.why).toMatch(words);
});

test('net of a building: pulled, even, pushed, and flows that contradict the pressure', () => {
  const pulled = netBuilding({ exhaustCfm: [1800, 600], makeUpCfm: [0], outdoorAirCfm: [600] });
  expect(pulled).toMatchObject({ netCfm: -1800, word: 'outside', missingCfm: 1800 });
  expect(netBuilding({ exhaustCfm: [2000], makeUpCfm: [1700], outdoorAirCfm: [350] }, 0.01).word).toBe('inside');
  expect(netBuilding({ exhaustCfm: [200], makeUpCfm: [1700], outdoorAirCfm: [0] }, 0.09).word).toBe('outside');
  expect(netBuilding({ exhaustCfm: [200], makeUpCfm: [1700], outdoorAirCfm: [0] }, -0.05)).toMatchObject({
    word: 'cantSay',
  });
});

describe('what was not read is not taken for none', () => {
  test.each([
    [{ exhaustCfm: [2400], makeUpCfm: [], outdoorAirCfm: [] }, 'Make-up air and outdoor air not entered'],
    [{ exhaustCfm: [2400], makeUpCfm: [], outdoorAirCfm: [600] }, 'Make-up air not entered'],
    [{ exhaustCfm: [], makeUpCfm: [1700], outdoorAirCfm: [0] }, 'Exhaust not entered'],
  ])('%j asks for it', (flows, words) => {
    const net = netBuilding(flows);
    expect(net).toEqual({ word: 'cantSay', sentence: `${words}. Enter 0 if there is none.` });
  });

  test('a building whose pressure is read is pulled or pushed by it alone', () => {
    const flows = { exhaustCfm: [2400], makeUpCfm: [], outdoorAirCfm: [] };
    const pulled = netBuilding(flows, -0.05);
    expect(pulled.word).toBe('outside');
    expect(pulled.sentence).toMatch(/^The building is under negative pressure: doors pull/);
    expect(pulled).not.toHaveProperty('netCfm');
    expect(netBuilding(flows, 0.08).word).toBe('atTheEdge');
    expect(netBuilding(flows, 0.01).word).toBe('cantSay');
  });
});

test('an imbalance inside the error of its flows asks for the pressure, and the pressure decides', () => {
  const flows = { exhaustCfm: [2000], makeUpCfm: [1500], outdoorAirCfm: [200] };
  expect(netBuilding(flows)).toMatchObject({
    word: 'atTheEdge',
    sentence: expect.stringMatching(/Measure the building pressure/),
  });
  expect(netBuilding(flows, -0.06).word).toBe('outside');
});

test('flows that come out even contradict no pressure: an exhaust was left out', () => {
  for (const makeUp of [2000, 2050, 1950]) {
    const net = netBuilding({ exhaustCfm: [2000], makeUpCfm: [makeUp], outdoorAirCfm: [0] }, -0.05);
    expect(net.word).toBe('outside');
    expect(net.sentence).toMatch(/under negative pressure though the airflows add up/);
    expect(net).not.toHaveProperty('missingCfm');
  }
});

test('from far too little to far too much: wrong on both sides, and unsure where the flows’ own error lies', () => {
  const words = [0, 500, 1000, 1500, 1950, 2100, 3000].map(
    (makeUp) => netBuilding({ exhaustCfm: [2000], makeUpCfm: [makeUp], outdoorAirCfm: [0] }).word,
  );
  expect(words).toEqual(['outside', 'outside', 'outside', 'atTheEdge', 'inside', 'inside', 'outside']);
});

test.each([
  [0.01, 'good', undefined],
  [0.018, 'edge', undefined],
  [0.035, 'bad', /^A closed room is pressurized/],
  [-0.03, 'bad', /^A closed room is under negative pressure/],
])('a closed room %d in. w.c. against the hallway is %s', (inWc, outcome, words) => {
  const { number } = BUILDING_POINTS.find(({ id }) => id === 'closedRoom')!;
  expect(number!.outcome(inWc, {})).toBe(outcome);
  if (words) expect(number!.finding!(inWc, {})).toMatch(words);
  else expect(number!.finding!(inWc, {})).toBeUndefined();
});
