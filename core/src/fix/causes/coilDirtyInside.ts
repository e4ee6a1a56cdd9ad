import { layoutOf, type System } from '../../air/system';
import { COIL_EXPONENT, resistanceFromPoint } from '../../air/path';
import { innerDropInWc } from '../../air/operate';
import { parameterOf, type Cause } from './cause';
import { withCircuit } from './circuit';

/**
 * A system with something lost inside its cabinet beyond the table: a matted coil, ice. It adds to what is lost there already.
 * @param lossInWc in. w.c. at `flowCfm`
 */
export const withInnerLoss = (system: System, lossInWc: number, flowCfm: number): System => ({
  ...system,
  inside: {
    stages: ['coil'],
    side: 'return',
    resistance: resistanceFromPoint(lossInWc + innerDropInWc(system, flowCfm), flowCfm, COIL_EXPONENT),
  },
});

const range = { mild: 0.05, bad: 0.5 };
/** (J) How much a matted coil holds heat back, mild and bad. */
export const MATTED_FOULING = { mild: 1.1, bad: 1.4 } as const;

/** A coil matted inside the cabinet: it takes from the fan what no external static shows. */
export const coilDirtyInside: Cause = {
  id: 'coilDirtyInside',
  group: 'coil',
  name: 'a matted coil inside the cabinet',
  kind: 'slowFan',
  at: (unit) => layoutOf(unit).stages.some((stage) => stage.kind === 'coil' && !stage.external),
  shownBy: [{ item: 'coilFace', states: ['matted'] }],
  clearedBy: [{ item: 'coilFace', states: ['clean'] }],
  range,
  usual: 0.2,
  prior: 8,
  signs: 'Static is low on both sides and ΔT is high: the loss is inside.',
  settledBy: { reading: 'innerStatic', tells: 'static between coil and blower, at the panel.' },
  mendedBy: 'cleanCoil',
  caution: 'coil',
  apply: (system, severity) =>
    withCircuit(
      withInnerLoss(system, parameterOf({ range }, severity), system.cooling ? 400 * system.cooling.tons : 1000),
      { coilFouling: MATTED_FOULING.mild + (MATTED_FOULING.bad - MATTED_FOULING.mild) * severity },
    ),
};
