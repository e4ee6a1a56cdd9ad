import type { BeltDrive } from '../../air/drive';
import type { FilterFacts } from '../../air/filter';
import type { FlowSince } from '../../air/flow';
import type { UnitFacts } from '../../judge/verdicts';
import type { PressureReading } from '../../air/readings';
import type { HeatingFacts, LowStage, MotorFacts, EquipmentFacts } from '../../air/system';
import type { ProvenPoint, TableConditions } from './estimates';
import type { Fact } from '../../call/facts/facts';

/** The stage a unit runs in. */
export type RunStage = 'low' | 'high';

/** A visit as core takes it. */
export interface VisitFacts<R extends PressureReading = PressureReading> {
  readonly unit: UnitFacts;
  readonly mode: 'cooling' | 'heating';
  /** The stage that ran; high where it is not said. */
  readonly stage?: RunStage;
  readonly equipment?: EquipmentFacts;
  readonly readings: readonly R[];
  readonly facts: readonly Fact[];
  readonly altitudeFt?: number;
  readonly lineVolts?: number;
  readonly table?: TableConditions;
  /** Nameplate rise of the heater, °F. */
  readonly rise?: { readonly min: number; readonly max: number };
  readonly effectiveLengthFt?: number;
  readonly filters?: FilterFacts;
  readonly heating?: HeatingFacts;
  readonly lowStage?: LowStage;
  /** The motor's plate. */
  readonly motorPlate?: MotorFacts;
  readonly drive?: BeltDrive;
  /** The unit as it was proven last. */
  readonly proven?: ProvenPoint;
  /** The airflow since a plan, where the visit is what was read after one. */
  readonly flowSince?: FlowSince;
}
