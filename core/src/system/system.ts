import type { BlowerTable, MotorKind } from '../fan';
import type { Resistance } from '../path';
import type { LayoutId, StageKind } from './layouts';

/** A stretch of the air path between two ports: one stage, or several read together. */
export interface Stretch {
  readonly stages: readonly StageKind[];
  readonly side: 'return' | 'supply';
  readonly resistance: Resistance;
}

export interface Fan {
  readonly motor: MotorKind;
  readonly table: BlowerTable;
  /** The tap that runs now. */
  readonly tap: string;
}

/**
 * The one noun everything works on: an air path of resistances and a fan. A plain immutable value; a fix or a fault is a
 * function System → System.
 */
export interface System {
  readonly layout: LayoutId;
  /** What lies outside the cabinet, in order of flow. */
  readonly path: readonly Stretch[];
  readonly fan: Fan;
}

/** The same system with its fan on another tap. */
export function onTap(system: System, tap: string): System {
  return { ...system, fan: { ...system.fan, tap } };
}
