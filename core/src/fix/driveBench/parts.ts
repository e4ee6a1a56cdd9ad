import type { Sheave } from '../../air/drive';

/** A sheave of the shop's list. */
export interface SheavePart {
  readonly id: string;
  readonly name: string;
  readonly fits: 'motor' | 'blower';
  readonly sheave: Sheave;
  readonly onTruck: boolean;
  readonly cost: number;
}

/** A belt of the shop's list, by what is printed on it. */
interface BeltPart {
  readonly mark: string;
  readonly onTruck: boolean;
  readonly cost: number;
}

/** What the shop has and can get. Standard belts can always be bought. */
export interface DriveParts {
  readonly sheaves: readonly SheavePart[];
  readonly belts: readonly BeltPart[];
  /** Taken for a belt that is not in the list. */
  readonly usualBeltCost: number;
}

export const NO_PARTS: DriveParts = { sheaves: [], belts: [], usualBeltCost: 25 };
