import { netBuilding, outdoorAirShare } from './buildingAir';

test('outdoor air from three temperatures, with its error', () => {
  const told = outdoorAirShare(72, 64, 32);
  expect(told).toMatchObject({ ok: true, share: 0.2 });
  expect(told.ok && told.sigma).toBeCloseTo(0.0227, 3);
});

test.each([
  [72, 71, 70, /2 °F apart: too near/],
  [72, 72, 72, /too near/],
  [72, 80, 32, /outside of return and outdoors/],
])('%d, %d, %d is refused with the reason', (returnF, mixedF, outdoorF, words) => {
  const told = outdoorAirShare(returnF, mixedF, outdoorF);
  expect(!told.ok && told.why).toMatch(words);
});

test('net of a building: pulled, even, pushed, and flows that contradict the pressure', () => {
  const pulled = netBuilding({ exhaustCfm: [1800, 600], makeUpCfm: [], outdoorAirCfm: [600] });
  expect(pulled).toMatchObject({ netCfm: -1800, word: 'outside', missingCfm: 1800 });
  expect(netBuilding({ exhaustCfm: [2000], makeUpCfm: [1700], outdoorAirCfm: [350] }, 0.01).word).toBe('inside');
  expect(netBuilding({ exhaustCfm: [200], makeUpCfm: [1700], outdoorAirCfm: [] }, 0.09).word).toBe('atTheEdge');
  expect(netBuilding({ exhaustCfm: [200], makeUpCfm: [1700], outdoorAirCfm: [] }, -0.05)).toMatchObject({
    word: 'cantSay',
  });
});
