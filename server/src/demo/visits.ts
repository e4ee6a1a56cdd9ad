import type { ReadingDto, UnitDto, VisitDto } from '@huff/contract';
import type { PortId } from '@huff/core';
import { demoId } from './ids';
import { DEMO_TABLES } from './tables';
import { DEMO_UNITS } from './units';

interface Taken {
  readonly port: PortId;
  readonly value: number;
  readonly door?: 'off';
  readonly coil?: 'dry';
  /** Corrects the reading with this place in the list. */
  readonly corrects?: number;
}

interface Plan {
  readonly unit: number;
  readonly daysAgo: number;
  /** Minutes after midnight, UTC. */
  readonly minute: number;
  readonly tap?: string;
  readonly readings: readonly Taken[];
}

/** A week of visits: a choked duct, a tap to move, a unit that is right, one past its table, a correction, a tight one. */
const PLANS: readonly Plan[] = [
  {
    unit: 1,
    daysAgo: 1,
    minute: 642,
    readings: [
      { port: 'R1', value: -0.16 },
      { port: 'R2', value: -0.31 },
      { port: 'S1', value: 0.27 },
    ],
  },
  {
    unit: 2,
    daysAgo: 1,
    minute: 815,
    readings: [
      { port: 'R2', value: -0.12 },
      { port: 'S1', value: 0.26 },
      { port: 'S2', value: 0.08 },
    ],
  },
  {
    unit: 3,
    daysAgo: 2,
    minute: 560,
    readings: [
      { port: 'R2', value: -0.16 },
      { port: 'S1', value: 0.2 },
    ],
  },
  {
    unit: 4,
    daysAgo: 2,
    minute: 690,
    readings: [
      { port: 'R2', value: -0.34 },
      { port: 'S1', value: 0.21 },
    ],
  },
  {
    unit: 5,
    daysAgo: 3,
    minute: 605,
    readings: [
      { port: 'R1', value: -0.3 },
      { port: 'S1', value: 0.36 },
    ],
  },
  {
    unit: 1,
    daysAgo: 6,
    minute: 870,
    tap: '2',
    readings: [
      { port: 'R2', value: -0.13, door: 'off' },
      { port: 'R2', value: -0.36 },
      { port: 'R2', value: -0.26, corrects: 1 },
      { port: 'S1', value: 0.22 },
    ],
  },
];

const DAY_MS = 86_400_000;

function visitOf(plan: Plan, index: number, now: Date): VisitDto {
  const unit = DEMO_UNITS[plan.unit - 1] as UnitDto;
  const table = DEMO_TABLES.find((t) => t.id === unit.blowerTableId)!;
  const midnight = Math.floor(now.getTime() / DAY_MS - plan.daysAgo) * DAY_MS;
  const at = (minutesLater: number) => new Date(midnight + (plan.minute + minutesLater) * 60_000).toISOString();
  const readingId = (i: number) => demoId('reading', index * 100 + i + 1);
  const readings = plan.readings.map(({ port, value, door, coil, corrects }, i): ReadingDto => ({
    id: readingId(i),
    quantity: 'staticPressure',
    port,
    value,
    unit: 'inWc',
    origin: 'typed',
    conditions: { door: door ?? 'on', filter: 'in', coil: coil ?? 'wet', minutesRunning: 12 + 2 * i },
    takenAt: at(12 + 2 * i),
    replacesId: corrects === undefined ? null : readingId(corrects),
  }));
  return {
    id: demoId('visit', index + 1),
    title: `${unit.siteName}, ${unit.name}`,
    unitId: unit.id,
    layout: unit.layout,
    motor: unit.motor,
    mode: 'cooling',
    tons: unit.tons,
    maxTespInWc: unit.maxTespInWc,
    cfmPerTon: unit.cfmPerTon,
    tap: plan.tap ?? unit.tap,
    table: { id: table.id, name: table.name, staticsInWc: table.staticsInWc, taps: table.taps },
    startedAt: at(0),
    savedAt: at(25),
    readings,
  };
}

/** The visits of the week before `now`. */
export const demoVisits = (now: Date): VisitDto[] => PLANS.map((plan, i) => visitOf(plan, i, now));
