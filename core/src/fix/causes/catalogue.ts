import type { FanLag } from '../../air/fan';
import type { Look } from '../../judge/look';
import { backwards } from './backwards';
import { coilDirtyInside } from './coilDirtyInside';
import { coilDirtyOutside } from './coilDirtyOutside';
import { dehumidifySwitch } from './dehumidifySwitch';
import { filterLoaded } from './filterLoaded';
import { filterMissing } from './filterMissing';
import { filtersInSeries } from './filtersInSeries';
import { flexCrushed } from './flexCrushed';
import { iced } from './iced';
import { linerLoose } from './linerLoose';
import { lowVolts } from './lowVolts';
import { openSupply } from './openSupply';
import { registersShut } from './registersShut';
import { returnLeak } from './returnLeak';
import { returnShut } from './returnShut';
import { returnUndersized } from './returnUndersized';
import { slippingBelt } from './slippingBelt';
import { supplyUndersized } from './supplyUndersized';
import { tooFineMedia } from './tooFineMedia';
import { weakCapacitor } from './weakCapacitor';
import { wheelCaked } from './wheelCaked';
import { wrongSheave } from './wrongSheave';
import { wrongTap } from './wrongTap';
import { airInSystem } from './airInSystem';
import { dirtyOutdoorCoil } from './dirtyOutdoorCoil';
import { doorOff } from './doorOff';
import { hosesSwapped } from './hosesSwapped';
import { lowCharge } from './lowCharge';
import { lowLoad } from './lowLoad';
import { meteringOverfeeds } from './meteringOverfeeds';
import { meteringRestricted } from './meteringRestricted';
import { overcharge } from './overcharge';
import { returnProbeBeforeFilter } from './returnProbeBeforeFilter';
import { supplyProbeAfterCoil } from './supplyProbeAfterCoil';
import { weakCompressor } from './weakCompressor';
import { weakOutdoorFan } from './weakOutdoorFan';
import { wrongTable } from './wrongTable';
import type { LookSign } from '../../judge/look/lookSign';
import type { Cause, CauseUnit } from './cause';

/** Everything that can be wrong with the air, as far as the statics, the fan and the return. The refrigerant side is not here. */
export const CAUSES: readonly Cause[] = [
  filterLoaded,
  tooFineMedia,
  filtersInSeries,
  filterMissing,
  returnUndersized,
  returnShut,
  linerLoose,
  supplyUndersized,
  registersShut,
  flexCrushed,
  coilDirtyOutside,
  coilDirtyInside,
  iced,
  wheelCaked,
  wrongTap,
  dehumidifySwitch,
  weakCapacitor,
  slippingBelt,
  wrongSheave,
  backwards,
  lowVolts,
  openSupply,
  returnLeak,
];

/** What can be wrong with the refrigerant side. */
const REFRIGERANT_CAUSES: readonly Cause[] = [
  lowCharge,
  overcharge,
  dirtyOutdoorCoil,
  weakOutdoorFan,
  meteringRestricted,
  meteringOverfeeds,
  weakCompressor,
  airInSystem,
  lowLoad,
];

/** What can be wrong with a reading, or with the table it is held against. */
const READING_CAUSES: readonly Cause[] = [
  wrongTable,
  supplyProbeAfterCoil,
  returnProbeBeforeFilter,
  hosesSwapped,
  doorOff,
];

/** Everything that readings are explained by. */
export const ALL_CAUSES: readonly Cause[] = [...CAUSES, ...REFRIGERANT_CAUSES, ...READING_CAUSES];

const BY_ID = new Map(ALL_CAUSES.map((cause) => [cause.id, cause]));

/** The cause of an id, or undefined. */
export const causeOf = (id: string): Cause | undefined => BY_ID.get(id);

/** The causes a unit can have. */
export const causesAt = (unit: CauseUnit): Cause[] => CAUSES.filter((cause) => cause.at(unit));

/** Looks by what was looked at; a later one takes an earlier one's place. */
export type Looks = ReadonlyMap<string, Look>;

/** Whether a look found one of these states, and nothing was done about it yet. */
const open = (looks: Looks, signs: readonly LookSign[]) =>
  signs.some(({ item, states }) => {
    const look = looks.get(item);
    return look !== undefined && look.outcome !== 'dealtWith' && states.includes(look.state);
  });

/** Whether a cause was seen and nothing was done about it yet. */
export const isSeen = (cause: Cause, looks: Looks): boolean => open(looks, cause.shownBy);

/** Whether a look rules a cause out: it found the good state, or what was found is fixed. */
export const isCleared = (cause: Cause, looks: Looks): boolean =>
  cause.clearedBy.length > 0 &&
  cause.clearedBy.some(({ item, states }) => {
    const look = looks.get(item);
    return (
      look !== undefined && (states.includes(look.state) || (look.outcome === 'dealtWith' && !isSeen(cause, looks)))
    );
  });

/** The causes of a unit that were seen and stand. */
export const causesSeen = (unit: CauseUnit, looks: Looks): Cause[] =>
  causesAt(unit).filter((cause) => isSeen(cause, looks));

/** What causes do to a fan, each as large as is usual: assumed until something measures it. */
export const usualLags = (causes: readonly Cause[]): FanLag[] =>
  causes.flatMap((cause) => (cause.lag ? [{ ...cause.lag(cause.usual), assumed: true }] : []));

/** The things looked at that are settled by a move. @example looksMendedBy('cleanWheel') // ['wheel'] */
export const looksMendedBy = (moveId: string): string[] => [
  ...new Set(
    CAUSES.filter((cause) => cause.mendedBy === moveId).flatMap((cause) => cause.shownBy.map((sign) => sign.item)),
  ),
];
