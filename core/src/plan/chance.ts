import { fanRuns, flowAtStatic, lagFactors, tapRow, type FanLag } from '../fan';
import type { Target } from '../judge';
import { applyMoves, type ChosenMove } from '../moves';
import { normal, seededRandom } from '../numbers/random';
import { crossingOf, operate, resistancesOf } from '../operate';
import { dropAt } from '../path';
import type { System } from '../system';

/** How sure the readings behind a system are: one standard deviation each. */
export interface Sureness {
  /** Of the airflow, as a share. */
  readonly flowShare: number;
  /** Of the external static, in. w.c. */
  readonly staticInWc: number;
}

/** How far a changed stretch may turn out other than rated or taken, as one standard deviation. Rule of thumb. */
const CHANGED_SIGMA = 0.15;

export const SAMPLES = 400;

/** A system as it might really be, within the errors of its readings. */
function perhaps(system: System, sure: Sureness, flowError: number, staticError: number): System | undefined {
  const now = operate(system);
  if (now.kind === 'offTable') return undefined;
  const tesp = now.tespInWc + sure.staticInWc * staticError;
  if (!(tesp > 0)) return undefined;
  const { table, tap, lags } = system.fan;
  const row = tapRow(table, tap)!;
  const { speed, flow } = lagFactors(lags);
  const inside = system.inside ? dropAt(system.inside.resistance, now.flowCfm) : 0;
  const read = flowAtStatic(table, row, (tesp + inside) / (speed * speed));
  const tableFlow = read.kind === 'flow' ? read.flowCfm * speed * flow : now.flowCfm;
  const error = Math.max(0.3, 1 + sure.flowShare * flowError);
  const flowCfm = tableFlow * error;
  const measured: FanLag = { cause: 'measured', acts: 'flow', factor: error };
  return {
    ...system,
    fan: { ...system.fan, lags: [...(lags ?? []), measured] },
    path: system.path.map((stretch) => ({
      ...stretch,
      resistance: {
        ...stretch.resistance,
        coefficient:
          (stretch.resistance.coefficient * (tesp / now.tespInWc)) /
          Math.pow(flowCfm / now.flowCfm, stretch.resistance.exponent),
      },
    })),
  };
}

/** The changed system with each stretch that the moves changed somewhat other than they say. */
function somewhatOther(changed: System, before: System, error: number): System {
  const old = new Set(before.path.map((stretch) => stretch.resistance));
  const factor = Math.max(0.2, 1 + CHANGED_SIGMA * error);
  return {
    ...changed,
    path: changed.path.map((stretch) =>
      old.has(stretch.resistance)
        ? stretch
        : {
            ...stretch,
            resistance: { ...stretch.resistance, coefficient: stretch.resistance.coefficient * factor },
          },
    ),
  };
}

/**
 * The airflows a set of moves may bring, given how sure the readings are: the same moves done to the system as it might be, each
 * draw with its own errors of airflow, static and of what is changed.
 *
 * @param samples draws; those that leave the maker's table count as undefined
 * @returns one airflow a draw, CFM, the same for the same seed
 */
export function sampledFlows(
  system: System,
  moves: readonly ChosenMove[],
  sure: Sureness,
  seed: number,
  samples: number = SAMPLES,
): (number | undefined)[] {
  const random = seededRandom(seed);
  const flows: (number | undefined)[] = [];
  for (let i = 0; i < samples; i += 1) {
    const errors = [normal(random), normal(random), normal(random)] as const;
    const drawn = perhaps(system, sure, errors[0], errors[1]);
    const done = drawn && applyMoves(drawn, moves);
    if (!done?.ok) {
      flows.push(undefined);
      continue;
    }
    const changed = somewhatOther(done.system, drawn!, errors[2]);
    const found = crossingOf(changed.fan.tap, fanRuns(changed.fan), resistancesOf(changed));
    flows.push(found.kind === 'crossing' ? found.flowCfm : undefined);
  }
  return flows;
}

/** Share of sampled airflows that lie in the band: it can only grow with the band's width. */
export const shareInBand = (flows: readonly (number | undefined)[], { lowCfm, highCfm }: Target): number =>
  flows.filter((flow) => flow !== undefined && flow >= lowCfm && flow <= highCfm).length / flows.length;

/**
 * The chance that moves land in the band, 0 to 1.
 * @example chanceOf(exampleA, [], { flowShare: 0.06, staticInWc: 0.014 }, target, 1) // about 0.01: 940 of 1,080
 */
export const chanceOf = (
  system: System,
  moves: readonly ChosenMove[],
  sure: Sureness,
  target: Target,
  seed: number,
): number => shareInBand(sampledFlows(system, moves, sure, seed), target);
