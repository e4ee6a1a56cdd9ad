import { portOf, type Layout, type PortId } from '../system';

/** The state of the unit while a reading was taken. It decides whether the reading may count. */
export interface Conditions {
  readonly door: 'on' | 'off';
  readonly filter: 'in' | 'out';
  readonly coil: 'wet' | 'dry';
  readonly minutesRunning?: number;
  readonly mode?: 'cooling' | 'heating';
  /** The speed that ran. */
  readonly tap?: string;
  readonly lineVolts?: number;
  /** The stage that ran, of equipment that has two. */
  readonly stage?: 'low' | 'high';
}

/** A static pressure against the room: an append-only fact. */
export interface PressureReading {
  readonly id: string;
  readonly port: PortId;
  /** in. w.c., signed: suction below 0 */
  readonly staticInWc: number;
  readonly conditions: Conditions;
  /** The reading this one corrects. */
  readonly replacesId?: string | null;
  /** When it was read, ISO 8601. */
  readonly takenAt?: string;
  readonly clockOffsetMs?: number;
}

/**
 * The signed static behind a figure said as a plain number: suction on the return side, pressure on the supply side.
 *
 * @param side the port's side of the blower
 * @param plainInWc the figure, in. w.c., either sign
 * @example signedStaticInWc('return', 0.31) // -0.31
 * @example signedStaticInWc('return', -0.31) // -0.31
 */
export function signedStaticInWc(side: 'return' | 'supply', plainInWc: number): number {
  const size = Math.abs(plainInWc);
  return side === 'return' && size > 0 ? -size : size;
}

/**
 * Total external static pressure from the two readings at the boundary of the equipment.
 *
 * TESP = P(out of the equipment) − P(into the equipment). Takes signed readings, or two plain figures as they are often
 * said ("0.31 and 0.27"): the signs are put in by side. For signed readings whose sign is meant, subtract them instead.
 *
 * @param inlet static into the equipment, in. w.c., either sign convention
 * @param outlet static out of the equipment, in. w.c.
 * @example tespFromPlain(0.31, 0.27) // 0.58
 * @example tespFromPlain(-0.31, 0.27) // 0.58
 */
export function tespFromPlain(inlet: number, outlet: number): number {
  return signedStaticInWc('supply', outlet) - signedStaticInWc('return', inlet);
}

/** Why a reading stands in the log without counting towards a verdict. */
export type NotCounted = 'corrected' | 'doorOff' | 'filterOut' | 'repeated' | 'notInLayout';

export interface ReadingStanding<R extends PressureReading = PressureReading> {
  readonly reading: R;
  /** undefined when the reading counts */
  readonly notCounted?: NotCounted;
}

/**
 * Which readings count: of each port the last one taken as the unit normally runs (door on, filter in) and not corrected.
 *
 * @param layout the air path
 * @param readings in the order they were taken
 * @returns every reading, in the same order, with the reason where it does not count
 */
export function standingOf<R extends PressureReading>(layout: Layout, readings: readonly R[]): ReadingStanding<R>[] {
  const corrected = new Set(readings.map((r) => r.replacesId).filter(Boolean));
  const lastOfPort = new Map<PortId, string>();
  const first = readings.map((reading): ReadingStanding<R> => {
    let notCounted: NotCounted | undefined;
    if (corrected.has(reading.id)) notCounted = 'corrected';
    else if (!portOf(layout, reading.port)) notCounted = 'notInLayout';
    else if (reading.conditions.door === 'off') notCounted = 'doorOff';
    else if (reading.conditions.filter === 'out') notCounted = 'filterOut';
    else lastOfPort.set(reading.port, reading.id);
    return { reading, notCounted };
  });
  return first.map((s) =>
    s.notCounted || lastOfPort.get(s.reading.port) === s.reading.id ? s : { ...s, notCounted: 'repeated' },
  );
}

/** The counted reading of each port. */
export function countedPressures<R extends PressureReading>(
  layout: Layout,
  readings: readonly R[],
): ReadonlyMap<PortId, R> {
  const counted = new Map<PortId, R>();
  for (const { reading, notCounted } of standingOf(layout, readings)) {
    if (!notCounted) counted.set(reading.port, reading);
  }
  return counted;
}
