import 'reflect-metadata';
import {
  MOVES,
  NO_PARTS,
  ODDS_FORM,
  oddsFaults,
  readBeltMark,
  inputFaults,
  RULES_FORM,
  SHOP_CARD_FORM,
  shopRulesFaults,
  USUAL_HOURS,
  type DriveParts,
  type EnergyRules,
  type MoveFigures,
  type Sheave,
  type ShopCard,
  type ShopRules,
} from '@huff/core';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  Length,
  Matches,
  registerDecorator,
} from 'class-validator';
import { applyDecorators } from './applyDecorators';
import { EachNested, Id, LineOfText, Moment, NumberIn } from './fields';
import { Inputs } from './inputs';
import { LIMITS } from './limits';
import { JPEG } from './photo';
import { Suits } from './suits';

/** How many were counted on the truck; what was taken since is a fact of the visits. */
const Counted = () =>
  applyDecorators(
    Suits(({ countedAt }) => (countedAt ? undefined : 'A count needs its date.')),
    IsInt({ message: 'Enter a whole number of parts.' }),
    NumberIn(LIMITS.stockCount, 'The count'),
    IsOptional(),
  );
const CountedAt = () => applyDecorators(Moment('The time of the count'), IsOptional());

export const OTHER_PART_KINDS = ['filter', 'capacitor', 'contactor', 'motor', 'other'] as const;

/** What the shop takes for a move instead of the usual. */
export class MoveFigureDto {
  @IsIn(MOVES.map((move) => move.id), { message: 'This fix is not known.' })
  move!: string;

  @NumberIn(LIMITS.minutes, 'Minutes')
  minutes!: number;

  @NumberIn(LIMITS.cost, 'Cost')
  cost!: number;
}

/** A sheave of the shop's list. */
export class SheavePartDto {
  @Id('The sheave’s id')
  id!: string;

  @LineOfText(LIMITS.nameLength, 'The sheave’s name')
  name!: string;

  @IsIn(['motor', 'blower'], { message: 'The sheave fits the motor or the blower.' })
  fits!: 'motor' | 'blower';

  /** Pitch diameter; of an adjustable sheave all open. */
  @NumberIn(LIMITS.pitchIn, 'Pitch diameter', 'in.')
  pitchIn!: number;

  /** Closed; absent for a fixed sheave. */
  @Suits(({ pitchIn, mostPitchIn, turns }) =>
    Number(mostPitchIn) <= Number(pitchIn)
      ? 'Closed, the sheave must be larger than open.'
      : turns === undefined || turns === null
        ? 'An adjustable sheave has its turns from closed to open.'
        : undefined,
  )
  @NumberIn(LIMITS.pitchIn, 'Pitch diameter closed', 'in.')
  @IsOptional()
  mostPitchIn?: number | null;

  @NumberIn(LIMITS.turns, 'Turns')
  @IsOptional()
  turns?: number | null;

  @IsInt({ message: 'Enter a whole number of grooves.' })
  @NumberIn(LIMITS.grooves, 'Grooves')
  grooves!: number;

  @IsBoolean({ message: 'On the truck is true or false.' })
  onTruck!: boolean;

  @NumberIn(LIMITS.cost, 'Cost')
  cost!: number;

  @Counted()
  counted?: number | null;

  @CountedAt()
  countedAt?: string | null;
}

function IsBeltMark(): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'isBeltMark',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: {
        validate: (mark: unknown) => typeof mark === 'string' && mark.length <= 12 && readBeltMark(mark) !== undefined,
        defaultMessage: () => 'Enter the belt size like A48, AX48, B60, BX60, 4L500 or 5L630.',
      },
    });
}

/** A belt of the shop's list. */
export class BeltPartDto {
  @IsBeltMark()
  mark!: string;

  @IsBoolean({ message: 'On the truck is true or false.' })
  onTruck!: boolean;

  @NumberIn(LIMITS.cost, 'Cost')
  cost!: number;

  @Counted()
  counted?: number | null;

  @CountedAt()
  countedAt?: string | null;
}

/** A filter, capacitor, contactor, motor or another part of the shop's list. */
export class ShopPartDto {
  @Id('The part’s id')
  id!: string;

  @IsIn(OTHER_PART_KINDS, { message: 'The part is a filter, capacitor, contactor, motor or other.' })
  kind!: (typeof OTHER_PART_KINDS)[number];

  @LineOfText(LIMITS.nameLength, 'The part’s name')
  name!: string;

  /** Of a filter’s frame. */
  @NumberIn(LIMITS.filterSideIn, 'Filter width', 'in.')
  @IsOptional()
  widthIn?: number | null;

  @NumberIn(LIMITS.filterSideIn, 'Filter height', 'in.')
  @IsOptional()
  heightIn?: number | null;

  /** Of a capacitor. */
  @NumberIn(LIMITS.microfarads, 'Rating', 'µF')
  @IsOptional()
  microfarads?: number | null;

  @IsBoolean({ message: 'On the truck is true or false.' })
  onTruck!: boolean;

  @NumberIn(LIMITS.cost, 'Cost')
  cost!: number;

  @Counted()
  counted?: number | null;

  @CountedAt()
  countedAt?: string | null;
}

const LOGO_RULE = 'The logo must be a JPEG of at most 30 kB. Choose it on a phone; Huff makes it smaller.';

/** What a shop sets for itself: its figures, its tariff, its parts. One a shop. */
export class ShopDto {
  @Id('The shop’s id')
  id!: string;

  /** What it judges by; what it has not set is the usual. */
  @Inputs(RULES_FORM, shopRulesFaults)
  @IsOptional()
  rules?: ShopRules | null;

  /** Odds of causes per 100 calls, where they are other than usual. */
  @Inputs(ODDS_FORM, oddsFaults)
  @IsOptional()
  odds?: Record<string, number | null> | null;

  /** Who comes: the head of the customer’s page. */
  @Inputs(SHOP_CARD_FORM, (raw) => inputFaults(SHOP_CARD_FORM, raw))
  @IsOptional()
  card?: ShopCard | null;

  /** For the head of the customer’s page: a small JPEG in base64. */
  @Length(LIMITS.smallPhotoBase64.min, LIMITS.smallPhotoBase64.max, { message: LOGO_RULE })
  @Matches(JPEG, { message: LOGO_RULE })
  @IsOptional()
  logo?: string | null;

  @NumberIn(LIMITS.laborAnHour, 'Labor', 'an hour')
  @IsOptional()
  laborAnHour?: number | null;

  /** Mark before an amount of money. */
  @LineOfText({ min: 1, max: 4 }, 'The currency')
  currency!: string;

  @NumberIn(LIMITS.tariffPerKwh, 'Tariff', 'a kWh')
  @IsOptional()
  tariffPerKwh?: number | null;

  @NumberIn(LIMITS.hoursAYear, 'Hours a year')
  @IsOptional()
  hoursAYear?: number | null;

  @EachNested(() => MoveFigureDto, 'Each fix needs minutes and cost.')
  @ArrayMaxSize(LIMITS.partsInList.max, { message: 'Too many fixes.' })
  @IsArray({ message: 'Fixes must be a list.' })
  moves!: MoveFigureDto[];

  @EachNested(() => SheavePartDto, 'Each sheave must be complete.')
  @ArrayMaxSize(LIMITS.partsInList.max, { message: `A shop lists at most ${LIMITS.partsInList.max} sheaves.` })
  @IsArray({ message: 'Sheaves must be a list.' })
  sheaves!: SheavePartDto[];

  @EachNested(() => BeltPartDto, 'Each belt must be complete.')
  @ArrayMaxSize(LIMITS.partsInList.max, { message: `A shop lists at most ${LIMITS.partsInList.max} belts.` })
  @IsArray({ message: 'Belts must be a list.' })
  belts!: BeltPartDto[];

  /** Everything else that is carried or bought; phones of before do not send it. */
  @EachNested(() => ShopPartDto, 'Each part must be complete.')
  @ArrayMaxSize(LIMITS.partsInList.max, { message: `A shop lists at most ${LIMITS.partsInList.max} other parts.` })
  @IsArray({ message: 'Parts must be a list.' })
  @IsOptional()
  parts?: ShopPartDto[] | null;
}

/** A shop that has set nothing yet. */
export const plainShop = (id: string): ShopDto => ({
  id,
  currency: '$',
  tariffPerKwh: null,
  hoursAYear: null,
  moves: [],
  sheaves: [],
  belts: [],
});

/** The shop's minutes and money by move, as core takes them. */
export const shopFigures = (shop: ShopDto): MoveFigures =>
  Object.fromEntries(shop.moves.map(({ move, minutes, cost }) => [move, { minutes, cost }]));

const sheaveOf = ({ pitchIn, mostPitchIn, turns, grooves }: SheavePartDto): Sheave =>
  mostPitchIn && turns && mostPitchIn > pitchIn
    ? { kind: 'adjustable', leastPitchIn: pitchIn, mostPitchIn, turns, grooves }
    : { kind: 'fixed', pitchIn, grooves };

/** The shop's sheaves and belts, as core takes them. */
export const shopParts = (shop: ShopDto): DriveParts => ({
  usualBeltCost: NO_PARTS.usualBeltCost,
  belts: shop.belts.map(({ mark, onTruck, cost }) => ({ mark, onTruck, cost })),
  sheaves: shop.sheaves.map((part) => ({
    id: part.id,
    name: part.name,
    fits: part.fits,
    onTruck: part.onTruck,
    cost: part.cost,
    sheave: sheaveOf(part),
  })),
});

/** What energy costs this shop's customers. */
export const shopEnergy = (shop: ShopDto): EnergyRules => ({
  hoursAYear: shop.hoursAYear ?? USUAL_HOURS,
  tariffPerKwh: shop.tariffPerKwh ?? undefined,
});
