import { PORT_IDS, type PortId } from '../../air/system';

/** Everything an instrument may show of a unit, as one list: the order is that of the arrays that hold them. */
export const READING_IDS = [
  ...PORT_IDS,
  'R0 filterOut',
  'R1 filterOut',
  'R2 filterOut',
  'S1 filterOut',
  'S2 filterOut',
  'S3 filterOut',
  /** Total external static as one reading, both hoses on the manometer, in. w.c. */
  'tesp',
  /** Static between coil and blower, at the panel, in. w.c. */
  'inner',
  /** Airflow by a method that does not rest on the blower table, CFM. */
  'airflow',
  /** Return less supply dry bulb at the unit, °F. */
  'drop',
  /** Return air at the unit less the room's, °F. */
  'returnOverRoom',
  'rpm',
  /** Amps of the blower over the nameplate's. */
  'amps',
  /** Volts at the motor over the nameplate's. */
  'volts',
  /** µF of the run capacitor over its rating. */
  'microfarads',
  /** Airflow the motor says it was asked for, over the setting. */
  'flashes',
  /** Saturated suction and high side, °F. */
  'evaporating',
  'condensing',
  'superheat',
  'subcooling',
] as const;

export type ReadingId = (typeof READING_IDS)[number];

const PLACE = new Map<string, number>(READING_IDS.map((id, i) => [id, i]));

/** The place of a reading in the arrays that hold them. */
export const placeOf = (id: ReadingId): number => PLACE.get(id)!;

/** The reading of a port with the filter pulled. @example filterOutAt('R2') // 'R2 filterOut' */
export const filterOutAt = (port: PortId): ReadingId => `${port} filterOut`;
