import type { MoistAir } from '../moistAir';
import type { BeltDrive } from '../drive';
import type { Fan } from '../fan';
import type { FilterFacts } from '../filter';
import type { Resistance } from '../path';
import type { CircuitState } from '../refrigeration';
import type { FilterPlace, LayoutId, StageKind } from './layouts';

/** A section of the air path between two ports: one stage, or several read together. */
export interface Section {
  readonly stages: readonly StageKind[];
  readonly side: 'return' | 'supply';
  readonly resistance: Resistance;
  /** Why its share is not measured but taken; absent when it is. */
  readonly assumed?: string;
}

/** What decides the temperature drop of the cooling coil. */
export interface CoolingFacts {
  readonly tons: number;
  readonly entering: MoistAir;
  readonly outdoorF: number;
  /** The air was not measured: usual summer air is taken. */
  readonly assumed: boolean;
  /** Measured drop less the model's at the same airflow, °F: what this coil does beside the model. */
  readonly offsetF: number;
}

/** A stage of heating that has a speed of its own. */
export interface HeatingFacts {
  /** The tap it runs on; that of cooling when it is not known to differ. */
  readonly tap?: string;
  /** Heat into the air at steady state, Btu/h. */
  readonly outputBtuH?: number;
  /** Nameplate rise, °F. */
  readonly riseMinF?: number;
  readonly riseMaxF?: number;
  /** Least airflow of the heat kit, CFM. */
  readonly leastCfm?: number;
}

/** The motor's plate and what was measured of it. */
export interface MotorFacts {
  readonly ratedHp?: number;
  readonly plateVolts?: number;
  /** Full-load amps of the plate. */
  readonly plateAmps?: number;
  readonly serviceFactor?: number;
  readonly phases?: 1 | 3;
  readonly volts?: number;
  readonly amps?: number;
  /** Of a three-phase motor, leg by leg, where they were read. */
  readonly legVolts?: readonly [number, number, number];
  readonly legAmps?: readonly [number, number, number];
  /** Measured power, W; goes before V·A·pf. */
  readonly watts?: number;
}

/** The speeds of a low stage, where the equipment has one. */
export interface LowStage {
  readonly tap: string;
  /** Target airflow as a share of the full stage's. */
  readonly share: number;
}

/** A static read where it should not be, or with the cabinet open. The air itself is as it is. */
type Misread = 'supplyAfterCoil' | 'returnBeforeFilter' | 'hosesSwapped' | 'doorOff';

/**
 * The one noun everything works on: an air path of resistances and a fan, with what else hangs on the air. A plain immutable
 * value; a fix or a fault is a function System → System.
 */
export interface System {
  readonly layout: LayoutId;
  readonly filterPlace?: FilterPlace;
  /** What lies outside the cabinet, in order of flow. */
  readonly path: readonly Section[];
  /** What the fan loses inside the cabinet beyond the blower table: a matted coil. Not seen by the external static. */
  readonly inside?: Section;
  readonly fan: Fan;
  readonly filters?: FilterFacts;
  /** Share of the air that goes through them: below 1 with a second return that has its own. */
  readonly filterFlowShare?: number;
  readonly cooling?: CoolingFacts;
  /** The refrigerant circuit; a sound one where it is not said. */
  readonly circuit?: CircuitState;
  /** How the statics are read, where that is wrong. */
  readonly misread?: Misread;
  readonly lowStage?: LowStage;
  readonly heating?: HeatingFacts;
  readonly motor?: MotorFacts;
  readonly drive?: BeltDrive;
  readonly altitudeFt?: number;
  /** Cross-section of the duct that was traversed, sq ft: its velocity is heard. */
  readonly ductAreaSqFt?: number;
}

/** The same system with its fan on another tap. */
export function onTap(system: System, tap: string): System {
  return { ...system, fan: { ...system.fan, tap } };
}
