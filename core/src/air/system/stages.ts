import { dropAt, type Resistance } from '../path';
import type { StageKind } from './layouts';
import type { Section, System } from './system';

/** Whether a section is this stage alone. */
const isOnly = (section: Section, kind: StageKind) => section.stages.length === 1 && section.stages[0] === kind;

/** The sections of a kind of stage, outside the cabinet. */
export const sectionsOf = (system: System, kind: StageKind): Section[] =>
  system.path.filter((section) => isOnly(section, kind));

/** What a kind of stage takes at an airflow, in. w.c.; undefined when it was read together with others. */
export function stageDropAt(system: System, kind: StageKind, flowCfm: number): number | undefined {
  const found = sectionsOf(system, kind);
  if (found.length === 0) return undefined;
  return found.reduce((sum, { resistance }) => sum + dropAt(resistance, flowCfm), 0);
}

/** The system with each section of a kind changed. */
export const withStage = (
  system: System,
  kind: StageKind,
  change: (resistance: Resistance, place: number) => Resistance,
): System => {
  let place = 0;
  return {
    ...system,
    path: system.path.map((section) =>
      isOnly(section, kind) ? { ...section, resistance: change(section.resistance, place++) } : section,
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
