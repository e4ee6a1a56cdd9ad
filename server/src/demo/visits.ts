import type { FactDto, ReadingDto, UnitDto, VisitDto } from '@huff/contract';
import { demoId } from './ids';
import { CALLS } from './calls';
import { HISTORY } from './history';
import { look, type Plan, type Taken } from './demoVisit';
import { decidedPlan } from './plans';
import { DEMO_TABLES } from './tables';
import { DEMO_SITES, DEMO_UNITS } from './units';

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
      { port: 'R2', value: -0.17, filter: 'out' },
      { port: 'S1', value: 0.3, filter: 'out' },
    ],
    facts: [
      look('air', 'weak'),
      look('ice', 'none'),
      look('wheel', 'clean'),
      look('filter', 'loaded'),
      look('coilFace', 'clean'),
      look('dampers', 'closed'),
      [
        'traverse',
        {
          shape: 'rectangle',
          widthIn: 20,
          heightIn: 12,
          plan: 'sweep',
          instrument: 'velocity',
          readings: [760, 830, 720],
          beforeIn: 60,
          afterIn: 40,
        },
      ],
      [
        'measuredDrop',
        {
          tons: 3,
          returnF: 75.2,
          moisture: 'wetBulb',
          returnWetF: 62.6,
          outdoorF: 91,
          supplyF: 51.3,
          altitudeFt: 620,
          minutes: 15,
        },
      ],
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
    facts: [look('filter', 'clean'), look('wheel', 'clean'), look('capacitor', 'good'), look('coilFace', 'clean')],
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
  {
    unit: 6,
    daysAgo: 3,
    minute: 830,
    readings: [
      { port: 'R0', value: -0.09 },
      { port: 'R2', value: -0.17 },
      { port: 'S1', value: 0.16 },
    ],
    facts: [
      look('filter', 'clean'),
      look('wheel', 'clean'),
      look('capacitor', 'good'),
      look('coilFace', 'clean'),
      look('noise', 'loud'),
    ],
  },
  {
    unit: 7,
    daysAgo: 4,
    minute: 500,
    mode: 'heating',
    readings: [
      { port: 'R1', value: -0.06 },
      { port: 'R2', value: -0.15 },
      { port: 'S1', value: 0.52 },
    ],
    facts: [
      look('belt', 'glazed'),
      [
        'gasHeat',
        {
          cuFt: 10,
          seconds: 114,
          heatingValue: 1030,
          efficiencyPercent: 92,
          returnF: 34,
          supplyF: 102,
          minutes: 12,
          altitudeFt: 760,
        },
      ],
    ],
  },
  {
    unit: 9,
    daysAgo: 1,
    minute: 930,
    agreed: { inDays: 9, returnFor: 'Belt after run-in', ownerName: 'The librarian' },
    readings: [
      { port: 'R1', value: -0.2 },
      { port: 'S1', value: 0.32 },
    ],
    facts: [
      look('air', 'weak'),
      look('belt', 'good'),
      look('filter', 'clean'),
      look('wheel', 'clean'),
      look('noise', 'usual'),
      [
        'motorLoad',
        {
          phases: 'three',
          legVolts: [226, 229, 233],
          legAmps: [4.1, 4.2, 4.3],
          plateAmps: 6.8,
          serviceFactor: 1.15,
        },
      ],
    ],
  },
  // A caked wheel that nobody looked at: by the table too much air, by the drop far too little.
  {
    unit: 10,
    daysAgo: 1,
    minute: 720,
    readings: [
      { port: 'R2', value: -0.07 },
      { port: 'S1', value: 0.12 },
    ],
    facts: [
      look('air', 'weak'),
      look('filter', 'clean'),
      look('ice', 'none'),
      [
        'measuredDrop',
        { tons: 2, returnF: 75, moisture: 'wetBulb', returnWetF: 62.5, outdoorF: 93, supplyF: 50, minutes: 15 },
      ],
    ],
  },
  // A coil matted inside the cabinet: the external static looks well.
  {
    unit: 11,
    daysAgo: 2,
    minute: 850,
    readings: [
      { port: 'R1', value: -0.08 },
      { port: 'R2', value: -0.14 },
      { port: 'S1', value: 0.15 },
    ],
    facts: [look('air', 'weak'), look('filter', 'clean'), look('wheel', 'clean'), look('coilFace', 'matted')],
  },
  // Good air, small drop: the refrigerant side.
  {
    unit: 12,
    daysAgo: 2,
    minute: 960,
    agreed: { inDays: 3, returnFor: 'Return with the wider filter' },
    readings: [
      { port: 'R2', value: -0.22 },
      { port: 'S1', value: 0.24 },
    ],
    facts: [
      look('filter', 'clean'),
      look('wheel', 'clean'),
      look('coilFace', 'clean'),
      [
        'traverse',
        {
          shape: 'rectangle',
          widthIn: 20,
          heightIn: 12,
          plan: 'sweep',
          instrument: 'velocity',
          readings: [650, 700, 680],
          beforeIn: 200,
          afterIn: 90,
        },
      ],
      [
        'measuredDrop',
        {
          tons: 3,
          returnF: 75,
          roomF: 75,
          moisture: 'wetBulb',
          returnWetF: 62.5,
          outdoorF: 95,
          supplyF: 61,
          minutes: 15,
        },
      ],
    ],
  },
  // A new filter on the bill that never went in.
  {
    unit: 13,
    daysAgo: 3,
    minute: 700,
    readings: [
      { port: 'R1', value: -0.12 },
      { port: 'R2', value: -0.36 },
      { port: 'S1', value: 0.18 },
    ],
    facts: [look('filter', 'loaded'), look('wheel', 'clean'), look('capacitor', 'good'), look('coilFace', 'clean')],
    plan: {
      moves: [{ id: 'newFilter', inputs: { ratedDropInWc: 0.1, ratedFlowCfm: 800 } }],
      readings: [
        { port: 'R1', value: -0.12 },
        { port: 'R2', value: -0.36 },
        { port: 'S1', value: 0.18 },
      ],
    },
  },
  // No table at hand: measured by the flow plate, fixed and proven all the same.
  {
    unit: 14,
    daysAgo: 4,
    minute: 640,
    readings: [
      { port: 'R1', value: -0.11 },
      { port: 'R2', value: -0.33 },
      { port: 'S1', value: 0.2 },
    ],
    facts: [
      look('filter', 'loaded'),
      look('wheel', 'clean'),
      look('capacitor', 'good'),
      look('coilFace', 'clean'),
      ['flowPlate', { plateCfm: 880, normalInWc: 0.2, plateInWc: 0.2 }],
    ],
    plan: {
      moves: [{ id: 'newFilter', inputs: { ratedDropInWc: 0.15, ratedFlowCfm: 1000 } }],
      readings: [
        { port: 'R1', value: -0.12 },
        { port: 'R2', value: -0.255 },
        { port: 'S1', value: 0.217 },
      ],
      facts: [['flowPlate', { plateCfm: 915, normalInWc: 0.217, plateInWc: 0.217 }]],
    },
  },
  ...CALLS,
  ...HISTORY,
];

const DAY_MS = 86_400_000;

function visitOf(plan: Plan, index: number, now: Date): VisitDto {
  const unit = DEMO_UNITS.find((one) => one.id === demoId('unit', plan.unit)) as UnitDto;
  const table = DEMO_TABLES.find((t) => t.id === unit.blowerTableId);
  const midnight = Math.floor(now.getTime() / DAY_MS - plan.daysAgo) * DAY_MS;
  const at = (minutesLater: number) => new Date(midnight + (plan.minute + minutesLater) * 60_000).toISOString();
  const readingId = (i: number) => demoId('reading', index * 100 + i + 1);
  const taken = (list: readonly Taken[], from: number, minutes: number): ReadingDto[] =>
    list.map(({ port, value, door, filter, coil, corrects }, i) => ({
      id: readingId(from + i),
      quantity: 'staticPressure',
      port,
      value,
      unit: 'inWc',
      origin: 'typed',
      conditions: { door: door ?? 'on', filter: filter ?? 'in', coil: coil ?? 'wet', minutesRunning: 12 + 2 * i },
      takenAt: at(minutes + 12 + 2 * i),
      replacesId: corrects === undefined ? null : readingId(corrects),
    }));
  const recorded = (list: Plan['facts'] = [], from: number, minutes: number): FactDto[] =>
    list.map(([kind, inputs], i) => ({
      id: demoId('fact', index * 100 + from + i + 1),
      kind,
      inputs,
      takenAt: at(minutes + 3 + 2 * i),
      replacesId: null,
    }));
  const readings = taken(plan.readings, 0, 0);
  const facts = recorded(plan.facts, 0, 0);
  const site = DEMO_SITES.find(({ id }) => id === unit.siteId)!;
  const altitudeFt = site.altitudeFt ?? null;
  const visit: VisitDto = {
    id: demoId('visit', index + 1),
    title: `${site.name}, ${unit.name}`,
    unitId: unit.id,
    layout: unit.layout,
    motor: unit.motor,
    mode: plan.mode ?? 'cooling',
    tons: unit.tons,
    maxTespInWc: unit.maxTespInWc,
    cfmPerTon: unit.cfmPerTon,
    tap: plan.tap ?? unit.tap,
    table: table
      ? {
          id: table.id,
          name: table.name,
          staticsInWc: table.staticsInWc,
          taps: table.taps,
          ...(table.byRpm ? { byRpm: table.byRpm } : {}),
        }
      : null,
    startedAt: at(0),
    setup: { ...unit.setup, altitudeFt },
    readings,
    facts,
  };
  const { agreed } = plan;
  const handOver: FactDto[] = agreed
    ? [
        {
          id: demoId('fact', index * 100 + 99),
          kind: 'handOver',
          inputs: {
            returnOn: new Date(now.getTime() + agreed.inDays * DAY_MS).toISOString().slice(0, 10),
            returnFor: agreed.returnFor,
            ...(agreed.ownerName ? { ownerName: agreed.ownerName } : {}),
          },
          takenAt: at(90),
          replacesId: null,
        },
      ]
    : [];
  if (!plan.plan) return { ...visit, facts: [...facts, ...handOver] };
  const { moves, readings: after, facts: since } = plan.plan;
  const decided = decidedPlan(visit, moves, { id: demoId('fact', index * 100 + 60), at: at(40) });
  return {
    ...visit,
    readings: [...readings, ...taken(after, readings.length, 50)],
    facts: [...facts, decided, ...recorded(since, 60, 50), ...handOver],
  };
}

/** The visits of the week before `now`. */
export const demoVisits = (now: Date): VisitDto[] => PLANS.map((plan, i) => visitOf(plan, i, now));
