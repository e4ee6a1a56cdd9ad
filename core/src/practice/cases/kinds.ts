import type { MotorKind } from '../../air/fan';
import type { LayoutId } from '../../air/system';

export const DRILL_KINDS = ['filterOrDuct', 'pickTap', 'setBelt', 'blowerWontRun', 'noCooling', 'wholeCall'] as const;
export type DrillKind = (typeof DRILL_KINDS)[number];

/** What is learned, one figure each in the progress of a person. */
export const SKILLS = ['places', 'air', 'tap', 'belt', 'electrical', 'refrigerant', 'order', 'safety'] as const;
export type Skill = (typeof SKILLS)[number];

/** One fault; two; one beside something that only looks like one. */
export const LEVELS = [1, 2, 3] as const;
export type Level = (typeof LEVELS)[number];

/** One kind of drill: its name, the units it is on, the faults it draws from, what it teaches. */
export interface DrillPlan {
  readonly name: string;
  /** One line under its name. */
  readonly says: string;
  readonly units: readonly (readonly [LayoutId, MotorKind])[];
  /** Ids of causes; every cause of the unit where it is absent. Electrical drills draw from the unit's scheme. */
  readonly causes?: readonly string[];
  readonly skills: readonly Skill[];
  /** Minutes a good technician has. (J) */
  readonly minutes: number;
}

const SPLIT = [
  ['airHandler', 'psc'],
  ['airHandler', 'constantTorque'],
  ['furnaceCasedCoil', 'psc'],
  ['furnaceCasedCoil', 'constantTorque'],
] as const;
const BELT = [['packaged', 'beltDrive']] as const;

export const DRILL_PLANS: Readonly<Record<DrillKind, DrillPlan>> = {
  filterOrDuct: {
    name: 'Filter or duct?',
    says: 'High static: find the part that takes it.',
    units: SPLIT,
    causes: [
      'filterLoaded',
      'tooFineMedia',
      'returnUndersized',
      'returnShut',
      'supplyUndersized',
      'registersShut',
      'flexCrushed',
    ],
    skills: ['places', 'air'],
    minutes: 75,
  },
  pickTap: {
    name: 'Pick the tap',
    says: 'Too little or too much air: find why before you change the speed.',
    units: SPLIT,
    causes: ['wrongTap', 'wheelCaked', 'weakCapacitor', 'filterLoaded', 'registersShut'],
    skills: ['air', 'tap'],
    minutes: 75,
  },
  setBelt: {
    name: 'Set up the belt',
    says: 'A belt-driven unit off its airflow: belt, sheave or path.',
    units: BELT,
    causes: ['wrongSheave', 'slippingBelt', 'filterLoaded', 'coilDirtyOutside'],
    skills: ['belt', 'air', 'safety'],
    minutes: 75,
  },
  blowerWontRun: {
    name: 'Blower won’t run',
    says: 'A dead blower: follow the power to where it stops.',
    units: [...SPLIT, ['airHandler', 'constantAirflow'], ...BELT],
    skills: ['electrical', 'safety', 'order'],
    minutes: 45,
  },
  noCooling: {
    name: 'No cooling',
    says: 'The air first, then the gauges.',
    units: SPLIT,
    causes: [
      'lowCharge',
      'overcharge',
      'dirtyOutdoorCoil',
      'weakOutdoorFan',
      'meteringRestricted',
      'filterLoaded',
      'returnUndersized',
    ],
    skills: ['refrigerant', 'air', 'order'],
    minutes: 90,
  },
  wholeCall: {
    name: 'A whole call',
    says: 'Anything may be wrong. From the customer’s words to the verified fix.',
    units: [...SPLIT, ...BELT],
    skills: ['places', 'air', 'order'],
    minutes: 90,
  },
};

export const isDrillKind = (kind: unknown): kind is DrillKind => DRILL_KINDS.some((one) => one === kind);
