import type { FactDto, ReadingDto, UnitDto, VisitDto } from '@huff/contract';
import type { ChosenMove, FactKind, PortId } from '@huff/core';
import { demoId } from './ids';
import { decidedPlan } from './plans';
import { DEMO_TABLES } from './tables';
import { DEMO_SITES, DEMO_UNITS } from './units';

interface Taken {
  readonly port: PortId;
  readonly value: number;
  readonly door?: 'off';
  readonly coil?: 'dry';
  readonly filter?: 'out';
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
  readonly mode?: 'heating';
  /** What was recorded beside statics, in the order it was taken. */
  readonly facts?: readonly (readonly [FactKind, Record<string, unknown>])[];
  /** A plan that was decided then, and what was read after it. */
  readonly plan?: {
    readonly moves: readonly ChosenMove[];
    readonly readings: readonly Taken[];
    readonly facts?: readonly (readonly [FactKind, Record<string, unknown>])[];
  };
}

/** What is read, tried or seen at a point. */
const check = (point: string, read: number | string): readonly [FactKind, Record<string, unknown>] => [
  'check',
  { point, ...(typeof read === 'number' ? { value: read } : { state: read }) },
];
const look = (item: string, state: string): readonly [FactKind, Record<string, unknown>] => ['look', { item, state }];

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
  // The rest of the call, each with readings that tell its story. A blower that does not run: 24 V at the relay, no line at the motor.
  {
    unit: 15,
    daysAgo: 5,
    minute: 505,
    readings: [],
    facts: [
      check('complaint', 'noRun'),
      check('replacedBefore', 'motor'),
      look('air', 'none'),
      check('scheme', 'pscRelay'),
      check('lineVolts', 238),
      check('callVolts', 25.6),
      check('coilVolts', 25.6),
      check('motorVolts', 0),
      check('wheel', 'free'),
    ],
  },
  // Electric heat whose blower comes late.
  {
    unit: 16,
    daysAgo: 5,
    minute: 600,
    mode: 'heating',
    readings: [],
    facts: [
      check('complaint', 'hotSmell'),
      look('smell', 'hot'),
      check('element', 'on'),
      check('blowerOnHeat', 'on'),
      check('element', 'on'),
      check('heatContact', 'closed'),
      check('sequencer', 'closes'),
    ],
  },
  // A gas furnace that trips on its limit: it wants air.
  {
    unit: 18,
    daysAgo: 6,
    minute: 540,
    mode: 'heating',
    readings: [
      { port: 'R2', value: -0.33 },
      { port: 'S1', value: 0.3 },
    ],
    facts: [
      check('complaint', 'noHeat'),
      look('filter', 'loaded'),
      look('light', 'no'),
      check('heatCall', 26.1),
      check('limitCircuit', 'closed'),
      check('inducer', 'runs'),
      check('pressureSwitch', 'closes'),
      check('igniter', 'lights'),
      check('flame', 'steady'),
      check('flameMicroamps', 3.2),
      check('heatBlower', 'inTime'),
      check('limitTrips', 'trips'),
    ],
  },
  // A rooftop unit nobody looked after: two circuits, one locked out.
  {
    unit: 8,
    daysAgo: 6,
    minute: 640,
    readings: [
      { port: 'R1', value: -0.28 },
      { port: 'S1', value: 0.36 },
    ],
    facts: [
      check('complaint', 'maintenance'),
      look('belt', 'cracked'),
      look('filter', 'loaded'),
      look('ice', 'none'),
      look('coilFace', 'matted'),
      check('upkeepCabinet', 'found'),
      check('upkeepWheel', 'found'),
      check('drainFlush', 'done'),
      check('drainTrap', 'found'),
      check('floatTipped', 'none'),
      check('upkeepContactor', 'found'),
      check('upkeepOutdoor', 'found'),
      [
        'ladder',
        {
          circuit: '1',
          refrigerant: 'R-410A',
          metering: 'valve',
          highPort: 'liquid',
          suctionPsig: 128,
          highPsig: 420,
          suctionLineF: 54,
          liquidLineF: 107,
          outdoorF: 88,
          returnF: 76,
          minutesRunning: 14,
        },
      ],
      [
        'ladder',
        {
          circuit: '2',
          refrigerant: 'R-410A',
          metering: 'valve',
          highPort: 'liquid',
          suctionPsig: 231,
          highPsig: 233,
          outdoorF: 88,
          returnF: 76,
          minutesRunning: 14,
        },
      ],
    ],
  },
  // A hallway unit that freezes in cold weather: air in its band, an outdoor fan that never cycles.
  {
    unit: 17,
    daysAgo: 5,
    minute: 720,
    readings: [
      { port: 'R2', value: -0.22 },
      { port: 'S1', value: 0.24 },
    ],
    facts: [
      check('complaint', 'freezing'),
      check('outdoorFan', 'runsOn'),
      look('filter', 'clean'),
      look('wheel', 'clean'),
      look('coilFace', 'clean'),
      look('ice', 'none'),
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
        'ladder',
        {
          circuit: '1',
          refrigerant: 'R-410A',
          metering: 'valve',
          highPort: 'liquid',
          suctionPsig: 92,
          highPsig: 168,
          suctionLineF: 36,
          liquidLineF: 52,
          outdoorF: 46,
          returnF: 70,
          minutesRunning: 15,
        },
      ],
    ],
  },
  // The make-up air unit that trips its overload, and the building that is pulled since.
  {
    unit: 7,
    daysAgo: 6,
    minute: 800,
    mode: 'heating',
    readings: [],
    facts: [
      check('complaint', 'buildingPulls'),
      check('exhaustCfm', 5200),
      check('makeUpCfm', 0),
      check('outdoorAirCfm', 900),
      check('buildingInWc', -0.06),
      check('doorsPull', 'pull'),
      check('makeUpBurner', 'trips'),
      check('overloadRelay', 'tripped'),
      check('returnAirF', 68),
      check('outdoorAirF', 31),
      check('mixedAirF', 62),
    ],
  },
  // A day of planned maintenance: all done but one.
  {
    unit: 3,
    daysAgo: 5,
    minute: 840,
    readings: [
      { port: 'R2', value: -0.16 },
      { port: 'S1', value: 0.2 },
    ],
    facts: [
      check('complaint', 'maintenance'),
      look('filter', 'clean'),
      look('wheel', 'clean'),
      look('capacitor', 'weak'),
      look('coilFace', 'clean'),
      check('upkeepCabinet', 'done'),
      check('upkeepWheel', 'done'),
      check('upkeepCoil', 'done'),
      check('drainFlush', 'done'),
      check('drainTrap', 'done'),
      check('drainPitch', 'done'),
      check('floatTipped', 'breaksY'),
      check('upkeepFilter', 'done'),
      check('upkeepCapacitor', 'found'),
      check('upkeepContactor', 'done'),
    ],
  },
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
  if (!plan.plan) return visit;
  const { moves, readings: after, facts: since } = plan.plan;
  const decided = decidedPlan(visit, moves, { id: demoId('fact', index * 100 + 60), at: at(40) });
  return {
    ...visit,
    readings: [...readings, ...taken(after, readings.length, 50)],
    facts: [...facts, decided, ...recorded(since, 60, 50)],
  };
}

/** The visits of the week before `now`. */
export const demoVisits = (now: Date): VisitDto[] => PLANS.map((plan, i) => visitOf(plan, i, now));
