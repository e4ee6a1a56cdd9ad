import { dropAt, type Resistance } from '../path';
import type { StageKind } from './layouts';
import type { Stretch, System } from './system';

/** Whether a stretch is this stage alone. */
const isOnly = (stretch: Stretch, kind: StageKind) => stretch.stages.length === 1 && stretch.stages[0] === kind;

/** The stretches of a kind of stage, outside the cabinet. */
export const stretchesOf = (system: System, kind: StageKind): Stretch[] =>
  system.path.filter((stretch) => isOnly(stretch, kind));

/** What a kind of stage takes at an airflow, in. w.c.; undefined when it was read together with others. */
export function stageDropAt(system: System, kind: StageKind, flowCfm: number): number | undefined {
  const found = stretchesOf(system, kind);
  if (found.length === 0) return undefined;
  return found.reduce((sum, { resistance }) => sum + dropAt(resistance, flowCfm), 0);
}

/** The system with each stretch of a kind changed. */
export const withStage = (
  system: System,
  kind: StageKind,
  change: (resistance: Resistance, place: number) => Resistance,
): System => {
  let place = 0;
  return {
    ...system,
    path: system.path.map((stretch) =>
      isOnly(stretch, kind) ? { ...stretch, resistance: change(stretch.resistance, place++) } : stretch,
    ),
  };
};

export const scaled = (resistance: Resistance, factor: number): Resistance => ({
  ...resistance,
  coefficient: resistance.coefficient * factor,
});

/** Stages in words. */
export const STAGE_WORDS: Readonly<Record<StageKind, string>> = {
  hood: 'hood',
  returnDuct: 'return duct',
  filter: 'filter',
  coil: 'coil',
  blower: 'blower',
  heat: 'heater',
  supplyDuct: 'supply duct',
};
