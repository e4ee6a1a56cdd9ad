import { scaled, withStage, type StageKind, type System } from '../../air/system';
import { parameterOf, type Cause } from './cause';

/** What is read together with a stage hides how much of it is that stage's: so much is taken. (J) */
const PART_OF_LUMP: Readonly<Partial<Record<StageKind, number>>> = {
  returnDuct: 0.5,
  filter: 0.4,
  coil: 0.4,
  supplyDuct: 0.6,
};

/** The system with a stage that resists by a factor; of a section read as one, the part assumed to be that stage. */
export function resisting(system: System, kind: StageKind, factor: number): System {
  if (system.path.some((section) => section.stages.length === 1 && section.stages[0] === kind))
    return withStage(system, kind, (resistance) => scaled(resistance, factor));
  const part = PART_OF_LUMP[kind] ?? 0.5;
  return {
    ...system,
    path: system.path.map((section) =>
      section.stages.includes(kind)
        ? { ...section, resistance: scaled(section.resistance, 1 - part + part * factor) }
        : section,
    ),
  };
}

/** A cause that multiplies the resistance of one stage. */
export const pathCause = (cause: Omit<Cause, 'kind' | 'apply'> & { readonly stage: StageKind }): Cause => ({
  ...cause,
  kind: 'path',
  apply: (system, severity) => resisting(system, cause.stage, parameterOf(cause, severity)),
});
