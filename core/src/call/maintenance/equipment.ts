import type { MotorKind } from '../../air/fan';
import type { LayoutId } from '../../air/system';

/** A kind of equipment, and what a maintenance visit goes through on it, in the order in which no step undoes the one before. */
export interface EquipmentKind {
  readonly id: string;
  readonly name: string;
  /** Ids of upkeep points. */
  readonly route: readonly string[];
  /** Months to the next visit once it is in shape (J); the shop's contract goes before it. */
  readonly intervalMonths: number;
}

const CABINET = ['upkeepNeglect', 'upkeepCabinet', 'upkeepWheel'] as const;
const WET = ['upkeepCoil', 'drainFlush', 'drainTrap', 'drainPitch', 'floatTipped'] as const;
const OUTDOOR = ['upkeepContactor', 'upkeepOutdoor'] as const;
const PROOF = ['upkeepDrop', 'upkeepStatic'] as const;

/** One line a kind. What a unit has or lacks beside its kind (a belt, a burner) is left out by `upkeepRoute`. */
export const EQUIPMENT_KINDS: readonly EquipmentKind[] = [
  {
    id: 'splitElectric',
    name: 'air handler, electric heat',
    route: [
      ...CABINET,
      ...WET,
      'upkeepFilter',
      'upkeepHeatAmps',
      'upkeepHeatTerminals',
      'upkeepBelt',
      'upkeepCapacitor',
      ...OUTDOOR,
      ...PROOF,
    ],
    intervalMonths: 6,
  },
  {
    id: 'splitGas',
    name: 'gas furnace with coil',
    route: [
      ...CABINET,
      ...WET,
      'upkeepFilter',
      'upkeepBurner',
      'upkeepExchanger',
      'upkeepFlue',
      'upkeepBelt',
      'upkeepCapacitor',
      ...OUTDOOR,
      ...PROOF,
    ],
    intervalMonths: 6,
  },
  {
    id: 'rooftop',
    name: 'rooftop unit',
    route: [
      ...CABINET,
      ...WET,
      'upkeepFilter',
      'upkeepBurner',
      'upkeepExchanger',
      'upkeepFlue',
      'upkeepBelt',
      'upkeepCapacitor',
      'upkeepDampers',
      ...OUTDOOR,
      ...PROOF,
    ],
    intervalMonths: 3,
  },
  {
    id: 'makeUpAir',
    name: 'make-up air unit',
    route: [
      ...CABINET,
      'upkeepFilter',
      'upkeepBurner',
      'upkeepExchanger',
      'upkeepBelt',
      'upkeepDampers',
      'upkeepContactor',
      'upkeepRubs',
      ...PROOF,
    ],
    intervalMonths: 3,
  },
  {
    id: 'fanCoil',
    name: 'fan coil or small terminal fan',
    route: [
      ...CABINET,
      ...WET,
      'upkeepFilter',
      'upkeepHeatAmps',
      'upkeepHeatTerminals',
      'upkeepCapacitor',
      'upkeepRubs',
      'upkeepDrop',
    ],
    intervalMonths: 6,
  },
  {
    id: 'exhaustFan',
    name: 'exhaust or transfer fan',
    route: [...CABINET, 'upkeepBelt', 'upkeepCapacitor', 'upkeepContactor', 'upkeepDampers', 'upkeepRubs'],
    intervalMonths: 6,
  },
];

const USUAL_KIND: Readonly<Record<LayoutId, string>> = {
  airHandler: 'splitElectric',
  furnaceCasedCoil: 'splitGas',
  packaged: 'rooftop',
  makeUpAir: 'makeUpAir',
};

/**
 * The kind that was said, or the usual one of an air path.
 *
 * @example equipmentOf('packaged').id // 'rooftop'
 */
export const equipmentOf = (layout: LayoutId, said?: string): EquipmentKind =>
  EQUIPMENT_KINDS.find(({ id }) => id === said) ?? EQUIPMENT_KINDS.find(({ id }) => id === USUAL_KIND[layout])!;

/**
 * What a visit goes through on this unit: the route of its kind without what its motor does not have.
 *
 * @returns ids of upkeep points, in order
 * @example upkeepRoute(equipmentOf('packaged'), 'psc').includes('upkeepBelt') // false
 */
export const upkeepRoute = ({ route }: EquipmentKind, motor: MotorKind): readonly string[] =>
  route.filter((id) => id !== 'upkeepBelt' || motor === 'beltDrive');
