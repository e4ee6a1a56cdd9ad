import type { MotorKind } from '../../air/fan';
import { boundaryPorts, layoutOf, type FilterPlace, type LayoutId, type PortId } from '../../air/system';
import { SETTLING_MINUTES } from '../causes';
import { filterOutAt, type ReadingId } from '../observe';
import type { ReadingOption } from './request';

/** What of a unit decides which readings there are. */
export interface OptionFacts {
  readonly layout: LayoutId;
  readonly filterPlace?: FilterPlace;
  readonly motor: MotorKind;
  readonly cools: boolean;
  /** What was read already. */
  readonly read: ReadonlySet<ReadingId>;
  /** What was looked at already. */
  readonly looked: ReadonlySet<string>;
  /** Amps of the nameplate, or µF of the capacitor, are known or can be read off while one is there. */
  readonly hasPlate?: boolean;
  /** A method of airflow that fits the unit, with its minutes. */
  readonly secondMethod?: { readonly id: string; readonly minutes: number };
}

/** Looks that are one thing to do, with the minutes they take: what is opened once is looked at once. (J) */
const LOOKS: readonly {
  readonly id: string;
  readonly items: readonly string[];
  readonly minutes: number;
  /** Looked at on these units only. */
  readonly at?: (facts: OptionFacts) => boolean;
}[] = [
  { id: 'filter', items: ['filter', 'secondFilter'], minutes: 2 },
  { id: 'speed', items: ['speedLead'], minutes: 2, at: ({ motor }) => motor !== 'beltDrive' },
  { id: 'returnSize', items: ['returnSize'], minutes: 3, at: ({ layout }) => layout !== 'makeUpAir' },
  { id: 'outdoor', items: ['outdoorCoil'], minutes: 2, at: ({ cools, read }) => cools && read.has('drop') },
  { id: 'blower', items: ['wheel', 'rotation'], minutes: 3 },
  { id: 'coilFace', items: ['coilFace'], minutes: 4 },
  { id: 'ice', items: ['ice'], minutes: 1 },
  { id: 'dampers', items: ['dampers'], minutes: 4 },
  { id: 'ducts', items: ['ducts'], minutes: 10 },
  { id: 'belt', items: ['belt'], minutes: 1, at: ({ motor }) => motor === 'beltDrive' },
];

/** (J) Minutes of a reading, by what is read. */
const MINUTES = { port: SETTLING_MINUTES.port, pulled: SETTLING_MINUTES.filterOut, drop: 4, method: 15 } as const;

/**
 * Everything that may be read or looked at next on a unit, with the minutes it takes.
 *
 * @example optionsOf({ layout: 'airHandler', motor: 'psc', … }).map(({ id }) => id) // ['R1', …, 'microfarads', …]
 */
export function optionsOf(facts: OptionFacts): ReadingOption[] {
  const { motor, cools, read, looked, hasPlate = true } = facts;
  const layout = layoutOf(facts);
  const found: ReadingOption[] = [];
  const add = (id: string, minutes: number, ...readings: ReadingId[]) => {
    const left = readings.filter((reading) => !read.has(reading));
    if (left.length > 0) found.push({ id, minutes, readings: left, looks: [] });
  };
  const hasInner = facts.layout !== 'makeUpAir';
  // A make-up air unit has no stage outside its cabinet before the blower: its inner ports hold no budget.
  for (const { id, side } of layout.ports) if (hasInner || side === 'supply') add(id, MINUTES.port, id);
  const boundary = boundaryPorts(layout);
  const isPulled = layout.stages.some(({ kind, external }) => kind === 'filter' && external);
  if (isPulled && boundary.every((port: PortId) => read.has(port)))
    add('filterOut', MINUTES.pulled, ...boundary.map(filterOutAt));
  if (motor === 'beltDrive') add('rpm', SETTLING_MINUTES.rpm, 'rpm');
  if (hasPlate && motor !== 'constantAirflow' && motor !== 'constantTorque') add('amps', SETTLING_MINUTES.amps, 'amps');
  if (motor === 'psc') {
    add('microfarads', SETTLING_MINUTES.microfarads, 'microfarads');
    add('volts', SETTLING_MINUTES.volts, 'volts');
  }
  if (motor === 'constantAirflow') add('flashes', SETTLING_MINUTES.flashes, 'flashes');
  add('airflow', facts.secondMethod?.minutes ?? MINUTES.method, 'airflow');
  if (cools) {
    add('drop', MINUTES.drop, 'drop');
    // The thermometers are out already once a drop was read.
    add('returnOverRoom', read.has('drop') ? SETTLING_MINUTES.returnAgainstRoom : MINUTES.drop, 'returnOverRoom');
    // Gauges only when the air was looked at: they go on last.
    if (read.has('drop'))
      add('gauges', SETTLING_MINUTES.gauges, 'evaporating', 'condensing', 'superheat', 'subcooling');
  }
  for (const { id, items, minutes, at } of LOOKS) {
    if (at?.(facts) === false) continue;
    const left = items.filter((item) => !looked.has(item));
    if (left.length > 0) found.push({ id: `look ${id}`, minutes, readings: [], looks: left });
  }
  return found;
}
