import { flowAfterPlan, type FlowSince } from './flowSince';
import { reconcile } from './reconcile';
import type { FlowEstimate } from './estimate';

const method = (id: string, flowCfm: number, sigmaShare: number): FlowEstimate => ({
  id,
  name: id,
  flowCfm,
  sigmaShare,
  doubts: [],
  basis: 'measured',
});
const since: FlowSince = {
  flowCfm: 1000,
  sigmaCfm: 102,
  says: 'The change is from the untouched section.',
  measured: false,
  usualOnly: false,
  dropOnly: false,
};

test('the figure is the proven one, with the methods that were used since', () => {
  const found = flowAfterPlan(reconcile([method('a', 940, 0.1)]), since);
  expect(found).toMatchObject({ flowCfm: 1000, counted: ['a'], says: since.says, measured: false });
});

test('it is never less sure than the methods are by themselves, nor surer for one that is wider', () => {
  expect(flowAfterPlan(reconcile([method('a', 940, 0.1)]), since).sigmaCfm).toBeCloseTo(100, 9);
  expect(flowAfterPlan(reconcile([method('a', 940, 0.3)]), since).sigmaCfm).toBe(102);
  expect(flowAfterPlan(undefined, since)).toEqual({ ...since, counted: [], disagreement: undefined });
});

test('methods that contradict each other make it no surer', () => {
  const apart = reconcile([method('a', 700, 0.05), method('b', 1200, 0.05)]);
  expect(apart?.disagreement).toBeDefined();
  expect(flowAfterPlan(apart, since)).toMatchObject({ sigmaCfm: 102, disagreement: apart?.disagreement });
});
