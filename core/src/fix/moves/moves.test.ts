import fc from 'fast-check';
import { EXAMPLE_A_GOAL, EXAMPLE_A_TABLE } from '../../../fixtures/exampleA';
import { EXAMPLE_D_GOAL, EXAMPLE_D_SYSTEM } from '../../../fixtures/exampleD';
import { operate } from '../../air/operate';
import { filterDropInWc, resistanceFromPoint } from '../../air/path';
import { stageDropAt, type System } from '../../air/system';
import { applyMoves, contradiction, type ChosenMove } from './applyMoves';
import { driveInputs } from './setDrive';
import { MOVES, moveOf } from './catalogue';
import { CAUTIONS } from './cautions';
import { sideBySide } from './secondReturn';

/** The filter's own drop by the filter-out retest. */
const FILTER = filterDropInWc({ flowCfm: 940.2, tespInWc: 0.58 }, { flowCfm: 984.7, tespInWc: 0.47 });

/** Worked example A with its filter told apart: 0.1515 of 0.58 at 940.2 CFM. */
const exampleA: System = {
  layout: 'airHandler',
  path: [
    { stages: ['returnDuct'], side: 'return', resistance: resistanceFromPoint(0.31 - FILTER, 940.2, 2) },
    { stages: ['filter'], side: 'return', resistance: resistanceFromPoint(FILTER, 940.2, 1.3) },
    { stages: ['supplyDuct'], side: 'supply', resistance: resistanceFromPoint(0.27, 940.2, 2) },
  ],
  fan: { motor: 'constantTorque', table: EXAMPLE_A_TABLE, tap: '3' },
};
const done = (system: System, ...moves: ChosenMove[]) => {
  const applied = applyMoves(system, moves);
  if (!applied.ok) throw new Error(applied.why);
  return applied.system;
};
const at = (system: System) => {
  const found = operate(system);
  if (found.kind === 'offTable') throw new Error('off the table');
  return found;
};
const filter006: ChosenMove = { id: 'newFilter', inputs: { ratedDropInWc: 0.06, ratedFlowCfm: 940.2 } };
const tap4: ChosenMove = { id: 'changeTap', inputs: { tap: '4' } };

describe('worked example A', () => {
  test('a filter that drops 0.06 at 940.2 CFM: 966.8 CFM at 0.515 on tap 3', () => {
    const after = at(done(exampleA, filter006));
    expect(after.flowCfm).toBeCloseTo(966.8, 1);
    expect(after.tespInWc).toBeCloseTo(0.515, 3);
  });
  test('and 1,067.1 CFM at 0.623 on tap 4, in whatever order they are chosen', () => {
    for (const moves of [
      [filter006, tap4],
      [tap4, filter006],
    ]) {
      const after = at(done(exampleA, ...moves));
      expect(after.flowCfm).toBeCloseTo(1067.1, 1);
      expect(after.tespInWc).toBeCloseTo(0.623, 3);
    }
  });
});

describe('what each move does', () => {
  const drop = (system: System, kind: 'filter' | 'coil' | 'returnDuct' | 'supplyDuct') =>
    stageDropAt(system, kind, 940.2)!;

  test('taking out the second of two filters leaves one', () => {
    const both: System = {
      ...exampleA,
      filterPlace: 'both',
      path: [
        { stages: ['filter'], side: 'return', resistance: resistanceFromPoint(0.1, 940.2, 1.3) },
        ...exampleA.path,
      ],
    };
    const grille = done(both, { id: 'singleFilter', inputs: { keep: 'grille' } });
    expect(grille.filterPlace).toBe('atGrilles');
    expect(drop(grille, 'filter')).toBeCloseTo(0.1, 6);
    expect(drop(done(both, { id: 'singleFilter', inputs: { keep: 'unit' } }), 'filter')).toBeCloseTo(FILTER, 6);
    expect(applyMoves(exampleA, [{ id: 'singleFilter', inputs: {} }])).toMatchObject({
      ok: false,
      why: expect.stringContaining('one filter'),
    });
  });

  test('a box above a bare grille frees the face by its area to the filter’s power', () => {
    const bare: System = { ...exampleA, filters: { count: 1, widthIn: 20, heightIn: 20, collarIn: 10 } };
    const boxed = done(bare, { id: 'grilleBox', inputs: {} });
    const share = (Math.PI * 15 ** 2) / 4 / 400;
    expect(drop(boxed, 'filter')).toBeCloseTo(FILTER * share ** 1.3, 6);
    expect(boxed.filters?.collarIn).toBeUndefined();
  });

  test('an enlarged duct goes with the fifth power of its diameter, a smaller one is refused', () => {
    const inputs = { nowIn: 12, newIn: 14, takesPercent: 100 };
    expect(drop(done(exampleA, { id: 'enlargeSupply', inputs }), 'supplyDuct')).toBeCloseTo(0.27 * (12 / 14) ** 5, 6);
    expect(applyMoves(exampleA, [{ id: 'enlargeSupply', inputs: { ...inputs, newIn: 12 } }])).toMatchObject({
      ok: false,
      field: 'newIn',
    });
  });

  test('runs side by side go with the square of their number', () => {
    const added = done(exampleA, { id: 'addSupplyRun', inputs: { runsNow: 6, runsAdded: 2, takesPercent: 100 } });
    expect(drop(added, 'supplyDuct')).toBeCloseTo(0.27 * (6 / 8) ** 2, 6);
  });

  test('two equal ways side by side take a quarter of the drop', () => {
    const one = resistanceFromPoint(0.2, 1000, 2);
    const both = sideBySide([one], [one], 0.2);
    expect(both.exponent).toBeCloseTo(2, 6);
    expect(both.coefficient * 1000 ** 2).toBeCloseTo(0.05, 6);
  });

  test('a way with a filter that is missing takes no more than its duct', () => {
    const [duct, none] = [resistanceFromPoint(0.2, 1000, 2), resistanceFromPoint(0, 1000, 1.3)];
    expect(sideBySide([duct, none], [duct], 0.2).coefficient * 1000 ** 2).toBeCloseTo(0.05, 6);
  });

  test('a second return lowers the return side and leaves the supply alone', () => {
    const move = moveOf('secondReturn')!;
    const inputs = move.defaults(exampleA, { goal: EXAMPLE_A_GOAL, looks: new Map() });
    const after = done(exampleA, { id: 'secondReturn', inputs });
    expect(at(after).flowCfm).toBeGreaterThan(at(exampleA).flowCfm);
    expect(at(after).tespInWc).toBeLessThan(at(exampleA).tespInWc);
    expect(after.path.filter((s) => s.side === 'supply')).toEqual(exampleA.path.filter((s) => s.side === 'supply'));
  });

  test('a sealed leak raises what the duct asks', () => {
    const sealed = done(exampleA, { id: 'sealLeak', inputs: { side: 'supply', leakPercent: 20 } });
    expect(drop(sealed, 'supplyDuct')).toBeCloseTo(0.27 / 0.8 ** 2, 6);
  });

  test.each([
    ['cleanWheel', 'wheel', 0.9],
    ['runCapacitor', 'capacitor', 0.93],
    ['swapPhases', 'rotation', 0.4],
  ] as const)('%s gives the fan its speed back', (id, cause, factor) => {
    const lagging: System = { ...exampleA, fan: { ...exampleA.fan, lags: [{ cause, acts: 'speed', factor }] } };
    expect(done(lagging, { id, inputs: {} }).fan.lags).toEqual([]);
    expect(applyMoves(exampleA, [{ id, inputs: {} }]).ok).toBe(false);
  });

  test('a new belt still slips 1 %: of a taken loss, or of the RPM that was measured', () => {
    const taken: System = {
      ...exampleA,
      fan: { ...exampleA.fan, lags: [{ cause: 'slip', acts: 'speed', factor: 0.94, assumed: true }] },
    };
    expect(done(taken, { id: 'newBelt', inputs: {} }).fan.lags).toEqual([
      { cause: 'slip', acts: 'speed', factor: 0.99, assumed: false },
    ]);
    const measured: System = {
      ...EXAMPLE_D_SYSTEM,
      drive: { ...EXAMPLE_D_SYSTEM.drive!, measuredRpm: 765 },
      fan: { ...EXAMPLE_D_SYSTEM.fan, tap: '765' },
    };
    const belted = done(measured, { id: 'newBelt', inputs: {} });
    expect(Number(belted.fan.tap)).toBeCloseTo(0.99 * 822.6, 0);
    expect(belted.drive?.measuredRpm).toBeCloseTo(0.99 * 822.6, 0);
    // Slip is taken once: another setting of the sheave keeps the new belt's 1 %, not the old one's 7.
    const turned = done(belted, { id: 'setDrive', inputs: { ...driveInputs(belted.drive!), turnsOpen: 1 } });
    expect(Number(turned.fan.tap)).toBeCloseTo((0.99 * 1745 * 3.6) / 7, 0);
    expect(applyMoves(exampleA, [{ id: 'newBelt', inputs: {} }]).ok).toBe(false);
  });

  test('the dehumidify switch gives 15 % back', () => {
    const cut: System = {
      ...exampleA,
      fan: { ...exampleA.fan, lags: [{ cause: 'dehumidify', acts: 'flow', factor: 0.85 }] },
    };
    expect(at(done(cut, { id: 'dehumidifyOff', inputs: {} })).flowCfm).toBeGreaterThan(at(cut).flowCfm);
  });

  test('a coil inside goes back to the table, one outside to its clean drop; a clean one is not cleaned', () => {
    const inside: System = {
      ...exampleA,
      inside: { stages: ['coil'], side: 'return', resistance: resistanceFromPoint(0.1, 940.2, 1.8) },
    };
    expect(done(inside, { id: 'cleanCoil', inputs: {} }).inside).toBeUndefined();
    const outside: System = {
      ...exampleA,
      path: [...exampleA.path, { stages: ['coil'], side: 'supply', resistance: resistanceFromPoint(0.3, 940.2, 1.8) }],
    };
    const clean = { cleanDropInWc: 0.18, cleanFlowCfm: 940.2 };
    expect(drop(done(outside, { id: 'cleanCoil', inputs: clean }), 'coil')).toBeCloseTo(0.18, 6);
    expect(applyMoves(outside, [{ id: 'cleanCoil', inputs: { ...clean, cleanDropInWc: 0.4 } }])).toMatchObject({
      ok: false,
    });
  });

  test('a larger motor changes the nameplate and no air', () => {
    const after = done(EXAMPLE_D_SYSTEM, { id: 'largerMotor', inputs: { ratedHp: 3, plateAmps: 9.6 } });
    expect(after.motor).toMatchObject({ ratedHp: 3, plateAmps: 9.6, serviceFactor: 1.15, amps: 4.6 });
    expect(at(after).flowCfm).toBeCloseTo(at(EXAMPLE_D_SYSTEM).flowCfm, 9);
    expect(applyMoves(EXAMPLE_D_SYSTEM, [{ id: 'largerMotor', inputs: { ratedHp: 1.5, plateAmps: 5 } }])).toMatchObject(
      { ok: false, field: 'ratedHp' },
    );
  });

  test('another motor passes through the point its manufacturer gives', () => {
    const other = done(exampleA, { id: 'otherMotor', inputs: { kind: 'psc', flowCfm: 1000, staticInWc: 0.58 } });
    expect(other.fan.motor).toBe('psc');
    const flat: System = { ...other, path: [{ ...exampleA.path[0]!, resistance: resistanceFromPoint(0.58, 1000, 2) }] };
    expect(at(flat).flowCfm).toBeCloseTo(1000, 6);
  });

  test('the drive turns the blower by its sheaves; past its range it says why', () => {
    const inputs = moveOf('setDrive')!.defaults(EXAMPLE_D_SYSTEM, { goal: EXAMPLE_D_GOAL, looks: new Map() });
    const half = done(EXAMPLE_D_SYSTEM, { id: 'setDrive', inputs: { ...inputs, turnsOpen: 0.5 } });
    expect(Number(half.fan.tap)).toBeCloseTo(922.4, 1);
    expect(at(half).flowCfm / at(EXAMPLE_D_SYSTEM).flowCfm).toBeCloseTo(922.4 / 822.6, 2);
    expect(applyMoves(EXAMPLE_D_SYSTEM, [{ id: 'setDrive', inputs: { ...inputs, turnsOpen: 5.5 } }])).toMatchObject({
      ok: false,
      field: 'turnsOpen',
      why: expect.stringContaining('0 to 5'),
    });
  });
});

describe('moves together', () => {
  test('two that change one thing contradict each other, in words', () => {
    expect(contradiction(['newFilter', 'deeperMedia'])).toContain('change the same thing');
    expect(contradiction(['changeTap', 'setDrive'])).toContain('Choose one');
    expect(contradiction(['newFilter', 'cleanCoil', 'changeTap'])).toBeUndefined();
    expect(applyMoves(exampleA, [filter006, { id: 'deeperMedia', inputs: filter006.inputs }])).toMatchObject({
      ok: false,
      moveId: 'deeperMedia',
    });
  });
  test('an unknown move, tap or figure is an answer with its reason', () => {
    expect(applyMoves(exampleA, [{ id: 'nothing', inputs: {} }])).toMatchObject({ ok: false });
    expect(applyMoves(exampleA, [{ id: 'changeTap', inputs: { tap: '9' } }])).toMatchObject({
      ok: false,
      field: 'tap',
    });
    expect(
      applyMoves(exampleA, [{ id: 'newFilter', inputs: { ratedDropInWc: 'much', ratedFlowCfm: 900 } }]),
    ).toMatchObject({
      ok: false,
      field: 'ratedDropInWc',
    });
  });
});

describe.each(MOVES.map((move) => [move.id, move] as const))('%s', (id, move) => {
  const contexts = [
    { system: exampleA, context: { goal: EXAMPLE_A_GOAL, looks: new Map() } },
    { system: EXAMPLE_D_SYSTEM, context: { goal: EXAMPLE_D_GOAL, looks: new Map() } },
  ];
  test('has words, cautions, minutes and money', () => {
    expect(move.name.length).toBeGreaterThan(4);
    expect(move.cautions.length).toBeGreaterThan(0);
    for (const caution of move.cautions) expect(CAUTIONS[caution]).toBeTruthy();
    expect(move.minutes).toBeGreaterThan(0);
    expect(move.cost).toBeGreaterThanOrEqual(0);
  });
  test('its usual inputs give a system that runs, or a reason', () => {
    for (const { system, context } of contexts) {
      const applied = applyMoves(system, [{ id, inputs: move.defaults(system, context) }]);
      if (applied.ok) {
        const found = operate(applied.system);
        expect(Number.isFinite(found.kind === 'crossing' ? found.flowCfm : found.edgeFlowCfm)).toBe(true);
      } else expect(applied.why).toMatch(/^[A-Z].*\.$/);
    }
  });
  test('whatever is typed, it answers', () =>
    fc.assert(
      fc.property(
        fc.record(
          Object.fromEntries(
            Object.keys(move.fields).map((field) => [
              field,
              fc.oneof(
                fc.double(),
                fc.constantFrom('', 'x', null, '3', 'supply', 'grille'),
                fc.integer({ min: -5, max: 5000 }),
              ),
            ]),
          ),
        ),
        (inputs) => {
          for (const { system } of contexts) {
            const applied = applyMoves(system, [{ id, inputs }]);
            if (!applied.ok) expect(applied.why).not.toMatch(/NaN|Infinity|undefined/);
            else
              for (const { resistance } of applied.system.path)
                expect(Number.isFinite(resistance.coefficient)).toBe(true);
          }
        },
      ),
      { numRuns: 60 },
    ));
});

test('every fix says to the owner what was done, in one short sentence', () => {
  for (const { id, name, done } of MOVES) {
    expect({ id, done }).toEqual({ id, done: expect.stringMatching(/^[A-Z][a-z]+ed .*\.$/) });
    expect(done.split(' ').length).toBeLessThanOrEqual(12);
    expect(done).not.toBe(`${name}.`);
  }
});
