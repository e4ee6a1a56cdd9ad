import type { BlowerTable } from '../fan';
import { DEFAULT_RULES, targetOf, type UnitFacts } from '../judge';
import type { Goal } from '../model';
import type { PressureReading } from '../readings';

/** Worked example A: a made-up 3-ton air handler with a constant-torque motor. Shared by tests and benchmark. */
export const EXAMPLE_A_TABLE: BlowerTable = {
  staticsInWc: [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8],
  taps: [
    { tap: '1', flowsCfm: [905, 862, 818, 770, 721, 668, null, null] },
    { tap: '2', flowsCfm: [1010, 972, 934, 893, 850, 806, 758, null] },
    { tap: '3', flowsCfm: [1120, 1085, 1049, 1012, 973, 932, 889, 843] },
    { tap: '4', flowsCfm: [1248, 1216, 1183, 1149, 1113, 1076, 1037, 995] },
    { tap: '5', flowsCfm: [1385, 1356, 1326, 1294, 1261, 1227, 1191, 1153] },
  ],
};

export const EXAMPLE_A_UNIT: UnitFacts = {
  layout: 'airHandler',
  motor: 'constantTorque',
  tons: 3,
  maxTespInWc: 0.5,
  table: EXAMPLE_A_TABLE,
  tap: '3',
};

const asItRuns = { door: 'on', filter: 'in', coil: 'wet' } as const;

/** Return 0.31, supply 0.27, on tap 3 with everything as it normally runs. */
export const EXAMPLE_A_READINGS: readonly PressureReading[] = [
  { id: 'return', port: 'R2', staticInWc: -0.31, conditions: asItRuns },
  { id: 'supply', port: 'S1', staticInWc: 0.27, conditions: asItRuns },
];

/** 3 tons at 400 CFM a ton, within the plate's 0.50. */
export const EXAMPLE_A_GOAL: Goal = {
  target: targetOf(3, DEFAULT_RULES),
  maxTesp: { value: 0.5, source: 'nameplate' },
  rules: DEFAULT_RULES,
};
