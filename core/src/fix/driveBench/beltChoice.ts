import { centresIn, fittingRoomIn, readBeltMark, sameSize, takeUpIn, type Belt, type BeltDrive } from '../../air/drive';
import { standardBelts } from '../../air/drive/soldBelts';
import type { DriveParts } from './parts';

/** A belt on a pair of sheaves, where it is tight, and how much room that leaves. */
export interface BeltFit {
  readonly belt: Belt;
  readonly centresIn: number;
  /** From where it is: fitted already, on the truck, or to be bought. */
  readonly from: 'fitted' | 'truck' | 'bought';
  readonly cost: number;
  /** Room to loosen it for fitting, and to take up as it wears: centre distance beyond the tight one, in. */
  readonly roomIn: number;
  readonly takeUpIn: number;
  /** Both rooms are what a belt of its size wants. */
  readonly roomy: boolean;
}

type Base = Pick<BeltDrive, 'leastCentresIn' | 'mostCentresIn'>;

/** How a belt stands on a pair of sheaves; undefined when the motor base cannot be set so. */
export function fitBelt(
  belt: Belt,
  pitches: readonly [number, number],
  base: Base,
): Omit<BeltFit, 'from' | 'cost'> | undefined {
  const centres = centresIn(belt.pitchIn, Math.max(...pitches), Math.min(...pitches));
  if (centres === undefined || centres < base.leastCentresIn - 1e-9 || centres > base.mostCentresIn + 1e-9)
    return undefined;
  const roomIn = centres - base.leastCentresIn;
  const takeUp = base.mostCentresIn - centres;
  const roomy = roomIn >= fittingRoomIn(belt.section) && takeUp >= takeUpIn(belt.pitchIn);
  return { belt, centresIn: centres, roomIn, takeUpIn: takeUp, roomy };
}

/**
 * The belt for a pair of sheaves: the one that is on when it still fits, else from the truck, else the standard length that
 * leaves most room both ways.
 *
 * @returns undefined when no belt that is sold puts the centres within the motor base's travel
 */
export function chooseBelt(
  fitted: Belt,
  pitches: readonly [number, number],
  base: Base,
  parts: DriveParts,
): BeltFit | undefined {
  const own = fitBelt(fitted, pitches, base);
  if (own) return { ...own, from: 'fitted', cost: 0 };
  const spare = (fit: Omit<BeltFit, 'from' | 'cost'>) =>
    Math.min(fit.roomIn - fittingRoomIn(fit.belt.section), fit.takeUpIn - takeUpIn(fit.belt.pitchIn));
  const best = (fits: readonly BeltFit[]) =>
    fits.reduce<BeltFit | undefined>((kept, fit) => (!kept || spare(fit) > spare(kept) ? fit : kept), undefined);
  const listed = parts.belts.flatMap((part): BeltFit[] => {
    const belt = readBeltMark(part.mark);
    const fit = belt && sameSize(belt.section, fitted.section) ? fitBelt(belt, pitches, base) : undefined;
    return fit ? [{ ...fit, from: part.onTruck ? 'truck' : 'bought', cost: part.cost }] : [];
  });
  const onTruck = best(listed.filter((fit) => fit.from === 'truck'));
  if (onTruck) return onTruck;
  const sold = standardBelts(fitted.section).flatMap((belt): BeltFit[] => {
    const fit = fitBelt(belt, pitches, base);
    return fit ? [{ ...fit, from: 'bought', cost: parts.usualBeltCost }] : [];
  });
  return best([...listed, ...sold]);
}
