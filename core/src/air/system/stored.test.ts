import { applyMoves } from '../../fix/moves';
import { planRecordFault, type PlanRecord } from '../../visit/verify';
import { liftPlanRecord } from '../../visit/verify/planRecord';
import type { System } from './system';
import { liftSystem, STORED_FORM } from './storedForm';

/** A proven system as the first form wrote it: a bare ceiling grille under a 14 in. collar. */
const FORM_1 = {
  layout: 'airHandler',
  filterPlace: 'atGrilles',
  path: [{ stages: ['filter'], side: 'return', resistance: { coefficient: 2e-7, exponent: 1.8 } }],
  filters: { count: 1, widthIn: 20, heightIn: 20, patchDiameterIn: 14 },
  fan: { motor: 'psc', table: { staticsInWc: [0.1, 0.9], taps: [{ tap: '1', flowsCfm: [1000, 600] }] }, tap: '1' },
} as unknown as System;
/** A plan as the first form wrote it, without a form and without figures of rules that came later. */
const PLAN_1 = {
  moves: [{ id: 'grilleBox', inputs: {} }],
  words: ['Box above the grille'],
  from: { system: FORM_1, goal: { rules: { cfmPerTon: 350 } } },
  promise: { flowCfm: 900, tespInWc: 0.4 },
  chance: 0.6,
  minutes: 90,
  cost: 60,
  cautionsRead: [],
} as unknown as PlanRecord;

test('a system of the first form is read today: its collar has its name', () => {
  const lifted = liftSystem(FORM_1);
  expect(lifted.filters).toEqual({ count: 1, widthIn: 20, heightIn: 20, collarIn: 14 });
  expect(FORM_1.filters).toHaveProperty('patchDiameterIn', 14);
  // A move that frees the face of a bare grille can be done to it again.
  expect(applyMoves(lifted, [{ id: 'grilleBox', inputs: {} }])).toMatchObject({ ok: true });
  expect(applyMoves(FORM_1, [{ id: 'grilleBox', inputs: {} }])).toMatchObject({ ok: false });
});

test('one of today’s form, and one without filters, is left as it is', () => {
  const today = liftSystem(FORM_1);
  expect(liftSystem(today, STORED_FORM)).toBe(today);
  const bare = { ...FORM_1, filters: undefined };
  expect(liftSystem(bare)).toBe(bare);
});

test('a plan of the first form holds, with its system lifted and rules of today where it has none', () => {
  expect(planRecordFault({ ...PLAN_1 })).toBeUndefined();
  const lifted = liftPlanRecord(PLAN_1);
  expect(lifted.form).toBe(STORED_FORM);
  expect(lifted.from.system.filters).toHaveProperty('collarIn', 14);
  expect(lifted.from.goal.rules).toMatchObject({ cfmPerTon: 350, school: expect.any(String) });
});
