import type { DrillKind, Level, Skill } from '../cases';

/** How a drill went, as it is kept. */
export interface DrillResult {
  readonly id: string;
  readonly code: string;
  readonly kind: DrillKind;
  readonly level: Level;
  /** ISO 8601. */
  readonly doneAt: string;
  /** Without hints. */
  readonly isExam: boolean;
  readonly isHit: boolean;
  /** null where no work was done. */
  readonly isOnTarget?: boolean | null;
  readonly isStopped: boolean;
  readonly minutes: number;
  readonly bestMinutes: number;
  readonly cost: number;
  readonly hints: number;
  /** Cautions that were passed over. */
  readonly cautions: number;
  readonly skills: Readonly<Partial<Record<Skill, 'hit' | 'miss'>>>;
}
