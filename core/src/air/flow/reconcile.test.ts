import fc from 'fast-check';
import { reconcile } from './reconcile';
import type { FlowEstimate } from './estimate';

const estimate = (id: string, flowCfm: number, sigmaShare: number, more: Partial<FlowEstimate> = {}): FlowEstimate => ({
  id,
  name: id,
  flowCfm,
  sigmaShare,
  doubts: [],
  ...more,
});

test('two that agree: the mean with weights 1/σ²', () => {
  const flow = reconcile([estimate('table', 1000, 0.06), estimate('heat', 1060, 0.06)])!;
  const [wa, wb] = [1 / 60 ** 2, 1 / 63.6 ** 2];
  expect(flow.flowCfm).toBeCloseTo((1000 * wa + 1060 * wb) / (wa + wb), 6);
  expect(flow.sigmaCfm).toBeCloseTo(Math.sqrt(1 / (wa + wb)), 6);
  expect(flow.disagreement).toBeUndefined();
});

test('two that disagree are never averaged: the one with the wider σ is left out and named with its doubt', () => {
  const flow = reconcile([
    estimate('table', 940, 0.06),
    estimate('traverse', 1400, 0.09, { doubts: ['Only 2.0 diameters of straight duct before the holes.'] }),
  ])!;
  expect(flow.counted).toEqual(['table']);
  expect(flow.flowCfm).toBeCloseTo(940, 6);
  expect(flow.disagreement).toMatchObject({ doubted: 'traverse' });
  expect(flow.disagreement!.sentence).toContain('Only 2.0 diameters');
});

test('without doubts the one further from the others is doubted, of two the less sure kind', () => {
  const three = [estimate('a', 1000, 0.05), estimate('b', 1020, 0.05), estimate('c', 1400, 0.05)];
  expect(reconcile(three)!.disagreement!.doubted).toBe('c');
  expect(reconcile([estimate('a', 1000, 0.05), estimate('b', 1500, 0.1)])!.disagreement!.doubted).toBe('b');
});

test('what is set aside does not count, and settles a disagreement', () => {
  const aside = estimate('traverse', 1400, 0.06, { setAside: 'too near an elbow' });
  expect(reconcile([estimate('table', 940, 0.06), aside])).toMatchObject({
    counted: ['table'],
    disagreement: undefined,
  });
  expect(reconcile([aside])).toBeUndefined();
  expect(reconcile([])).toBeUndefined();
});

test('the mean lies between what counts, and is surer than each', () => {
  const one = fc.record({
    flow: fc.double({ min: 300, max: 5000, noNaN: true }),
    share: fc.double({ min: 0.03, max: 0.2, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(one, { minLength: 1, maxLength: 10 }), (list) => {
      const estimates = list.map(({ flow, share }, i) => estimate(String(i), flow, share));
      const flow = reconcile(estimates)!;
      const counted = estimates.filter((e) => flow.counted.includes(e.id));
      const flows = counted.map((e) => e.flowCfm);
      expect(flow.flowCfm).toBeGreaterThanOrEqual(Math.min(...flows) - 1e-6);
      expect(flow.flowCfm).toBeLessThanOrEqual(Math.max(...flows) + 1e-6);
      for (const e of counted) expect(flow.sigmaCfm).toBeLessThanOrEqual(e.flowCfm * e.sigmaShare + 1e-6);
      for (const a of counted)
        for (const b of counted)
          expect(Math.abs(a.flowCfm - b.flowCfm)).toBeLessThanOrEqual(
            2 * Math.hypot(a.flowCfm * a.sigmaShare, b.flowCfm * b.sigmaShare) + 1e-6,
          );
    }),
  );
});

test('trust goes by σ, not by how many doubts a method carries', () => {
  const doubts = ['Swept by hand', 'short run'];
  const flow = reconcile([
    estimate('book', 1200, 0.1, { basis: 'book' }),
    estimate('traverse', 800, 0.08, { doubts }),
  ])!;
  expect(flow.counted).toEqual(['traverse']);
});

test('two methods that agree with each other outweigh the book, even a surer one', () => {
  const book = estimate('table', 1200, 0.04, { basis: 'book' });
  const flow = reconcile([book, estimate('traverse', 900, 0.06), estimate('plate', 930, 0.07)])!;
  expect(flow.counted).toEqual(['traverse', 'plate']);
  expect(flow.disagreement!.doubted).toBe('table');
});

test('table and switch table are one book: not averaged, not surer together', () => {
  const books = [estimate('table', 1200, 0.1, { basis: 'book' }), estimate('switches', 1180, 0.1, { basis: 'book' })];
  expect(reconcile(books)).toMatchObject({ counted: ['table'], measured: false });
  expect(reconcile(books)!.sigmaCfm).toBeCloseTo(120, 6);
});

test('what is usual counts only while nothing else does', () => {
  const usual = estimate('usual', 990, 0.18, { basis: 'usual' });
  expect(reconcile([usual])).toMatchObject({ usualOnly: true, measured: false });
  expect(reconcile([usual, estimate('plate', 800, 0.07)])).toMatchObject({ counted: ['plate'], usualOnly: false });
});

test('the drop alone is known for what it is', () => {
  const drop = estimate('drop', 1500, 0.15, { basis: 'drop' });
  expect(reconcile([drop])).toMatchObject({ dropOnly: true, measured: false });
  expect(reconcile([drop, estimate('plate', 1400, 0.07)])).toMatchObject({ dropOnly: false, measured: true });
});
