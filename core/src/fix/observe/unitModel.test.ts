import { LAYOUT_IDS, PORT_IDS, type System } from '../../air/system';
import { MOTOR_KINDS } from '../../air/fan';
import { moistAir } from '../../air/moistAir';
import { truth } from '../../../fixtures/truth';
import { FIXTURE_TABLES } from '../../../fixtures/fixtureTables';
import { causeOf } from '../causes';
import { healthyPath } from '../explain';
import { circuitTables } from './circuitTable';
import { observe } from './observe';
import { filterOutAt, placeOf, READING_IDS, type ReadingId } from './readingIds';
import { unitModel, UNKNOWNS } from './unitModel';

const ENTERING = moistAir(75, { wetBulbF: 62.5 });
const NOTHING = new Float64Array(UNKNOWNS.length);
const room = { roomF: 75, usualCfm: 1200 };

/** What every instrument shows on a system. */
function readingsOf(system: System, isPulled = false) {
  const { cooling } = system;
  const circuits = cooling && circuitTables({ tons: cooling.tons, entering: ENTERING, outdoorF: cooling.outdoorF });
  const out = new Float64Array(READING_IDS.length);
  unitModel(system, { circuits, ...room }).observe(NOTHING, out, isPulled);
  return (reading: ReadingId) => out[placeOf(reading)]!;
}

describe('the fast model and the slow one are one', () => {
  test.each(LAYOUT_IDS.flatMap((layout) => MOTOR_KINDS.map((motor) => [layout, motor] as const)))(
    '%s, %s',
    (layout, motor) => {
      for (let seed = 1; seed <= 12; seed++) {
        const made = truth({ seed, layout, motor, table: true });
        if (!made) continue;
        const { seen, system } = made;
        const model = unitModel(system, { usualCfm: 1200 });
        expect(model.flowCfm / seen.flowCfm).toBeCloseTo(1, 4);
        const read = readingsOf(system);
        for (const port of PORT_IDS) {
          const p = seen.statics.get(port);
          if (p !== undefined) expect(read(port)).toBeCloseTo(p, 4);
        }
        expect(read('tesp')).toBeCloseTo(seen.tespInWc, 4);
      }
    },
  );
});

test('past its table a curve goes on, and says so', () => {
  const { system } = truth({ seed: 3, layout: 'furnaceCasedCoil', motor: 'psc', table: true })!;
  expect(unitModel(system, room).isOnTable).toBe(true);
  const shut = causeOf('returnShut')!.apply(causeOf('supplyUndersized')!.apply(system, 1), 1);
  expect(observe(shut).kind).toBe('offTable');
  const model = unitModel(shut, room);
  expect(model.isOnTable).toBe(false);
  expect(model.flowCfm).toBeGreaterThan(0);
});

test('pulling the filter brings air back, by what the filter took', () => {
  const { system } = truth({ seed: 2, layout: 'airHandler', motor: 'psc', table: true })!;
  const loaded = readingsOf(causeOf('filterLoaded')!.apply(system, 0.8), true);
  expect(Math.abs(loaded(filterOutAt('R2')))).toBeLessThan(Math.abs(loaded('R2')) - 0.05);
  expect(loaded(filterOutAt('S1'))).toBeGreaterThan(loaded('S1'));
  expect(readingsOf(system)(filterOutAt('S1'))).toBeNaN();
});

/** A healthy unit of a layout and motor. */
function healthy(layout: System['layout'], motor: System['fan']['motor'], at = 1): System {
  const { tons, table } = FIXTURE_TABLES[motor];
  return {
    layout,
    path: healthyPath({ layout, maxTespInWc: 0.5, targetCfm: 400 * tons }),
    fan: { motor, table, tap: table.taps.at(-1 - at)!.tap },
    cooling: { tons, entering: ENTERING, outdoorF: 95, assumed: true, offsetF: 0 },
  };
}

// The direction table of the trade: what each fault does to suction, supply pressure, airflow and temperature drop, and to one more sign.
const UP = 1;
const DOWN = -1;
type Sign = readonly [ReadingId, typeof UP | typeof DOWN];
const SIGNATURES: readonly (readonly [string, System, readonly Sign[]])[] = [
  [
    'filterLoaded',
    healthy('airHandler', 'psc'),
    [
      ['R2', UP],
      ['S1', DOWN],
      ['airflow', DOWN],
      ['drop', UP],
    ],
  ],
  [
    'tooFineMedia',
    healthy('airHandler', 'psc'),
    [
      ['R2', UP],
      ['S1', DOWN],
      ['airflow', DOWN],
      ['drop', UP],
    ],
  ],
  [
    'filterMissing',
    healthy('airHandler', 'psc'),
    [
      ['R2', DOWN],
      ['S1', UP],
      ['airflow', UP],
    ],
  ],
  [
    'returnUndersized',
    healthy('furnaceCasedCoil', 'psc'),
    [
      ['R1', UP],
      ['S1', DOWN],
      ['airflow', DOWN],
      ['drop', UP],
    ],
  ],
  [
    'returnShut',
    healthy('furnaceCasedCoil', 'psc'),
    [
      ['R1', UP],
      ['S1', DOWN],
      ['airflow', DOWN],
      ['drop', UP],
    ],
  ],
  [
    'supplyUndersized',
    healthy('airHandler', 'psc'),
    [
      ['R2', DOWN],
      ['S1', UP],
      ['airflow', DOWN],
      ['drop', UP],
    ],
  ],
  [
    'registersShut',
    healthy('airHandler', 'psc'),
    [
      ['R2', DOWN],
      ['S1', UP],
      ['airflow', DOWN],
      ['drop', UP],
    ],
  ],
  [
    'coilDirtyOutside',
    healthy('furnaceCasedCoil', 'psc'),
    [
      ['R2', DOWN],
      ['S1', UP],
      ['S2', DOWN],
      ['airflow', DOWN],
    ],
  ],
  [
    'coilDirtyInside',
    healthy('airHandler', 'psc'),
    [
      ['R2', DOWN],
      ['S1', DOWN],
      ['inner', UP],
      ['airflow', DOWN],
    ],
  ],
  [
    'iced',
    healthy('furnaceCasedCoil', 'psc'),
    [
      ['S1', UP],
      ['S2', DOWN],
      ['airflow', DOWN],
      ['evaporating', DOWN],
    ],
  ],
  [
    'wheelCaked',
    healthy('airHandler', 'psc'),
    [
      ['R2', DOWN],
      ['S1', DOWN],
      ['airflow', DOWN],
      ['drop', UP],
      ['amps', DOWN],
    ],
  ],
  [
    'weakCapacitor',
    healthy('airHandler', 'psc'),
    [
      ['R2', DOWN],
      ['S1', DOWN],
      ['microfarads', DOWN],
      ['drop', UP],
    ],
  ],
  [
    'lowVolts',
    healthy('airHandler', 'psc'),
    [
      ['R2', DOWN],
      ['S1', DOWN],
      ['volts', DOWN],
      ['airflow', DOWN],
    ],
  ],
  [
    'wrongTap',
    healthy('airHandler', 'psc'),
    [
      ['R2', DOWN],
      ['S1', DOWN],
      ['airflow', DOWN],
      ['drop', UP],
    ],
  ],
  [
    'dehumidifySwitch',
    healthy('airHandler', 'constantAirflow'),
    [
      ['flashes', DOWN],
      ['airflow', DOWN],
      ['drop', UP],
    ],
  ],
  [
    'slippingBelt',
    healthy('packaged', 'beltDrive'),
    [
      ['rpm', DOWN],
      ['R1', DOWN],
      ['S1', DOWN],
      ['amps', DOWN],
    ],
  ],
  [
    'wrongSheave',
    healthy('packaged', 'beltDrive'),
    [
      ['rpm', DOWN],
      ['R1', DOWN],
      ['S1', DOWN],
      ['airflow', DOWN],
    ],
  ],
  [
    'backwards',
    healthy('airHandler', 'psc'),
    [
      ['R2', DOWN],
      ['S1', DOWN],
      ['airflow', DOWN],
      ['drop', UP],
    ],
  ],
  [
    'openSupply',
    healthy('airHandler', 'psc'),
    [
      ['R2', UP],
      ['S1', DOWN],
      ['airflow', UP],
    ],
  ],
  ['returnLeak', healthy('airHandler', 'psc'), [['returnOverRoom', UP]]],
  [
    'lowCharge',
    healthy('airHandler', 'psc'),
    [
      ['superheat', UP],
      ['subcooling', DOWN],
      ['drop', DOWN],
    ],
  ],
  [
    'overcharge',
    healthy('airHandler', 'psc'),
    [
      ['subcooling', UP],
      ['condensing', UP],
    ],
  ],
  [
    'dirtyOutdoorCoil',
    healthy('airHandler', 'psc'),
    [
      ['condensing', UP],
      ['subcooling', UP],
    ],
  ],
  [
    'meteringRestricted',
    healthy('airHandler', 'psc'),
    [
      ['superheat', UP],
      ['subcooling', UP],
      ['evaporating', DOWN],
    ],
  ],
  [
    'meteringOverfeeds',
    healthy('airHandler', 'psc'),
    [
      ['superheat', DOWN],
      ['subcooling', DOWN],
    ],
  ],
  [
    'weakCompressor',
    healthy('airHandler', 'psc'),
    [
      ['evaporating', UP],
      ['condensing', DOWN],
      ['drop', DOWN],
    ],
  ],
  [
    'airInSystem',
    healthy('airHandler', 'psc'),
    [
      ['condensing', UP],
      ['subcooling', UP],
    ],
  ],
  ['lowLoad', healthy('airHandler', 'psc'), [['returnOverRoom', DOWN]]],
  ['supplyProbeAfterCoil', healthy('furnaceCasedCoil', 'psc'), [['S1', DOWN]]],
  ['returnProbeBeforeFilter', healthy('airHandler', 'psc'), [['R2', DOWN]]],
  [
    'doorOff',
    healthy('airHandler', 'psc'),
    [
      ['R2', DOWN],
      ['airflow', UP],
    ],
  ],
  [
    'wrongTable',
    healthy('airHandler', 'psc'),
    [
      ['airflow', DOWN],
      ['R2', DOWN],
      ['S1', DOWN],
    ],
  ],
];

test.each(SIGNATURES)('%s shows as the direction table says', (id, system, signs) => {
  const [was, is] = [readingsOf(system), readingsOf(causeOf(id)!.apply(system, 0.7))];
  for (const [reading, direction] of signs) {
    // Suction up is a deeper reading.
    const size = (value: number) => (/^(R\d|inner)/.test(reading) ? Math.abs(value) : value);
    expect({ reading, moves: Math.sign(size(is(reading)) - size(was(reading))) }).toEqual({
      reading,
      moves: direction,
    });
  }
});

test('what has two directions goes both ways', () => {
  for (const [id, system] of [
    ['wrongTap', healthy('airHandler', 'psc')],
    ['wrongSheave', healthy('packaged', 'beltDrive')],
    ['wrongTable', healthy('airHandler', 'psc')],
  ] as const) {
    const { apply, opposite } = causeOf(id)!;
    const flow = (changed: System) => readingsOf(changed)('airflow');
    expect(flow(apply(system, 0.2))).toBeLessThan(flow(system));
    expect(flow(opposite!(system, 0.2))).toBeGreaterThan(flow(system));
  }
});

test('two losses inside the cabinet add up', () => {
  const system = healthy('airHandler', 'psc');
  const [matted, iced] = [causeOf('coilDirtyInside')!, causeOf('iced')!];
  const flow = (changed: System) => readingsOf(changed)('airflow');
  const both = flow(iced.apply(matted.apply(system, 0.5), 0));
  expect(both).toBeLessThan(flow(matted.apply(system, 0.5)));
  expect(both).toBeLessThan(flow(iced.apply(system, 0)));
});

test('swapped hoses show each side as the other', () => {
  const system = healthy('airHandler', 'psc');
  const [right, wrong] = [readingsOf(system), readingsOf(causeOf('hosesSwapped')!.apply(system, 1))];
  expect(wrong('R2')).toBeCloseTo(-right('S1'), 9);
  expect(wrong('S1')).toBeCloseTo(-right('R2'), 9);
  expect(wrong('airflow')).toBeCloseTo(right('airflow'), 9);
});
