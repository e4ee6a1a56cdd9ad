import { predictCoil } from '../../air/coil';
import { fanRpm } from '../../air/fan';
import { operate, type CrossingOffTable } from '../../air/operate';
import { dropAt } from '../../air/path';
import { layoutOf, type Layout, type PortId, type StageKind, type Section, type System } from '../../air/system';
import { predictHeating } from '../model';

/** What every instrument would read on a system as it runs, without its own error. */
export interface Observation {
  readonly kind: 'observation';
  /** CFM through the blower. */
  readonly flowCfm: number;
  /** Signed static at each port, in. w.c. */
  readonly statics: ReadonlyMap<PortId, number>;
  readonly tespInWc: number;
  /** Return less supply dry bulb of a sound refrigerant side, °F. */
  readonly dropF?: number;
  readonly riseF?: number;
  /** At the blower, of a belt drive. */
  readonly rpm?: number;
}

/** Drops by stage, spread along the layout; undefined where stages were read together. */
function dropsByStage(layout: Layout, path: readonly Section[], flowCfm: number): (number | undefined)[] {
  const left = [...path];
  return layout.stages.map(({ kind, external }) => {
    if (!external) return 0;
    const at = left.findIndex((section) => isOnly(section, kind));
    if (at < 0) return undefined;
    const [section] = left.splice(at, 1);
    return dropAt(section!.resistance, flowCfm);
  });
}

const isOnly = ({ stages }: Section, kind: StageKind) => stages.length === 1 && stages[0] === kind;

const sum = (drops: readonly (number | undefined)[]) =>
  drops.reduce<number | undefined>(
    (total, drop) => (total === undefined || drop === undefined ? undefined : total + drop),
    0,
  );

/**
 * What probes, thermometers and tachometer would show on a system: the model read forwards.
 *
 * @param system its path stage by stage, in the order of its layout
 * @returns where its fan's curve ends when it cannot run
 * @example observe(example A).statics.get('R2') // −0.31
 */
export function observe(system: System): Observation | CrossingOffTable {
  const now = operate(system);
  if (now.kind === 'offTable') return now;
  const { flowCfm, tespInWc } = now;
  const layout = layoutOf(system);
  const drops = dropsByStage(layout, system.path, flowCfm);
  const statics = new Map<PortId, number>();
  for (const { id, side, afterStage } of layout.ports) {
    const p = side === 'return' ? sum(drops.slice(0, afterStage)) : sum(drops.slice(afterStage));
    if (p !== undefined) statics.set(id, side === 'return' && p > 0 ? -p : p);
  }
  const { cooling } = system;
  return {
    kind: 'observation',
    flowCfm,
    tespInWc,
    statics,
    dropF: cooling && predictCoil({ ...cooling, altitudeFt: system.altitudeFt }, flowCfm).dropF + cooling.offsetF,
    riseF: predictHeating(system)?.riseF,
    rpm: fanRpm(system.fan, system.fan.tap),
  };
}
