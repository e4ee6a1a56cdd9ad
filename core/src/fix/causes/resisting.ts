import { layoutOf, scaled, withStage, type StageKind, type System } from '../../air/system';
import { parameterOf, type Cause } from './cause';
import { withInnerLoss } from './coilDirtyInside';

/** What is read together with a stage hides how much of it is that stage's: so much is taken. (J) */
const PART_OF_LUMP: Readonly<Partial<Record<StageKind, number>>> = {
  returnDuct: 0.5,
  filter: 0.4,
  coil: 0.4,
  supplyDuct: 0.6,
};

/** What a clean stage inside the cabinet takes at 400 CFM per ton, in. w.c.; it is in the blower table. (J) */
const CLEAN_INSIDE_IN_WC: Readonly<Partial<Record<StageKind, number>>> = { filter: 0.12, coil: 0.15 };

/**
 * The system with a stage that resists by a factor; of a section read as one, the part assumed to be that stage. What a stage inside the
 * cabinet takes more than the blower table knows is lost there.
 */
export function resisting(system: System, kind: StageKind, factor: number): System {
  const isInside = layoutOf(system).stages.some((stage) => stage.kind === kind && !stage.external);
  if (isInside)
    return withInnerLoss(system, (CLEAN_INSIDE_IN_WC[kind] ?? 0.1) * (factor - 1), 400 * (system.cooling?.tons ?? 3));
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
