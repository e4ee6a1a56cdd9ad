import { solveTool, type RawInputs } from '../../base/forms';
import { benchTool } from '../../entries/calculators';

/** The airflow of a method with how sure it is; fails when it cannot be solved. */
const flowOf = (id: string, inputs: RawInputs) => {
  const outcome = solveTool(benchTool(id)!, inputs);
  if (!outcome.ok || !outcome.flow) throw new Error(JSON.stringify(outcome));
  return outcome.flow;
};

const heat = { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5, minutes: 5 };
const gas = { cuFt: 2, seconds: 72, returnF: 70, supplyF: 130, minutes: 12 };
const grid = Array.from({ length: 25 }, () => 900);
const traverse = { widthIn: 20, heightIn: 10, readings: grid, beforeIn: 110, afterIn: 45 };
const plate = { plateCfm: 1000, normalInWc: 0.25, plateInWc: 0.22 };
const request = { flashes: 12, dehumidify: 'off', tespInWc: 0.5, maxInWc: 0.8 };
const drop = { tons: 3, returnF: 75, returnWetF: 62.5, outdoorF: 95, supplyF: 54, minutes: 15 };

test.each<[string, RawInputs, number]>([
  ['electricHeat', heat, 0.06],
  ['gasHeat', gas, 0.1],
  ['traverse', traverse, 0.05],
  ['flowPlate', plate, 0.07],
  ['requestedFlow', request, 0.1],
  ['registers', { values: [120, 110, 100] }, 0.07],
  ['coolingDrop', drop, 0.15],
])('%s under good conditions has its usual error and no doubt', (id, inputs, sigma) => {
  const flow = flowOf(id, inputs);
  expect(flow.doubts).toEqual([]);
  expect(flow.sigmaShare).toBeCloseTo(sigma, 9);
});

test.each<[string, string, RawInputs, RawInputs, string]>([
  ['elements not all on yet', 'electricHeat', heat, { ...heat, minutes: 1 }, 'Wait 3 to 5 min'],
  ['a small rise', 'electricHeat', heat, { ...heat, supplyF: 77 }, 'A rise under 10 °F'],
  ['a cold exchanger', 'gasHeat', gas, { ...gas, minutes: 2 }, 'still warming up'],
  ['a dial clocked too short', 'gasHeat', gas, { ...gas, cuFt: 0.5, seconds: 18 }, 'Clock more turns'],
  ['a short straight run', 'traverse', traverse, { ...traverse, beforeIn: 20 }, 'diameters of straight duct before'],
  ['a run that was not said', 'traverse', traverse, { ...traverse, beforeIn: undefined }, 'Straight run not entered'],
  ['a sweep', 'traverse', traverse, { ...traverse, plan: 'sweep', readings: [900, 900, 900] }, 'Swept by hand'],
  [
    'a slow pitot',
    'traverse',
    traverse,
    { ...traverse, instrument: 'pitot', readings: grid.map(() => 0.02) },
    'unreliable under 700',
  ],
  [
    'velocities far apart',
    'traverse',
    traverse,
    { ...traverse, readings: grid.map((v, i) => (i % 2 ? v : 200)) },
    'differ a lot',
  ],
  ['a nameplate that changed the supply', 'flowPlate', plate, { ...plate, plateInWc: 0.12 }, 'Seal its edges'],
  ['a motor past its static', 'requestedFlow', request, { ...request, tespInWc: 0.9 }, 'moves less than requested'],
  ['few outlets', 'registers', { values: [120, 110, 100] }, { values: [300] }, 'make sure that none was missed'],
  ['a drop read too early', 'coolingDrop', drop, { ...drop, minutes: 4 }, 'not steady before 10 to 15'],
])('%s makes it less sure, and says why', (_what, id, good, worse, says) => {
  const flow = flowOf(id, worse);
  expect(flow.sigmaShare).toBeGreaterThan(flowOf(id, good).sigmaShare);
  expect(flow.doubts.join(' ')).toContain(says);
});

test('a request whose static is not known is said so', () => {
  expect(flowOf('requestedFlow', { flashes: 12 }).doubts).toEqual([
    'Static is unknown, so the motor may not reach its requested airflow.',
  ]);
});

test('real air: thinner at altitude and when hot, so the same heat means more CFM', () => {
  const sea = flowOf('electricHeat', heat).flowCfm;
  expect(flowOf('electricHeat', { ...heat, altitudeFt: 5000 }).flowCfm).toBeGreaterThan(sea * 1.15);
  expect(flowOf('electricHeat', { ...heat, airF: 100 }).flowCfm).toBeGreaterThan(sea);
  // Moist air is lighter and carries more heat: the two nearly cancel.
  const dry = flowOf('electricHeat', { ...heat, airF: 75, airRhPercent: 5 }).flowCfm;
  const wet = flowOf('electricHeat', { ...heat, airF: 75, airRhPercent: 95 }).flowCfm;
  expect(Math.abs(wet / dry - 1)).toBeLessThan(0.03);
});

test('a pitot traverse averages velocities', () => {
  const readings = grid.map((_, i) => (i % 2 ? 0.09 : 0.04));
  const mean = readings.map((vp) => 1096.7 * Math.sqrt(vp / 0.075)).reduce((a, b) => a + b, 0) / readings.length;
  const { flowCfm } = flowOf('traverse', { ...traverse, instrument: 'pitot', readings });
  expect(flowCfm / (200 / 144)).toBeCloseTo(mean, 3);
});

test('grilles by face velocity count only their free share', () => {
  const inputs = { by: 'velocity', values: [300, 320, 280], faceSqIn: 144, freePercent: 75 };
  expect(flowOf('registers', inputs).flowCfm).toBeCloseTo(900 * 0.75, 9);
});
