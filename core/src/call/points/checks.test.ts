import { CHECK_POINTS, checkPoint } from './catalogue';
import { checkFault, checkText, outcomeOf, standingChecks } from './check';

const OUTCOMES = ['good', 'edge', 'bad'];
const named = CHECK_POINTS.map((point) => [point.id, point] as const);
const numbered = named.filter(([, { number }]) => number);
/** A unit of which nothing is known, and one with a plate. */
const CONTEXTS = [
  {},
  {
    lineVolts: 460,
    phases: 3,
    ratedMicrofarads: 10,
    capacitorTolerancePercent: 6,
    plateAmps: 8.2,
    serviceFactor: 1.15,
  },
] as const;

/** Figures that say nothing by themselves: a capacitor's side without its rating, compressor amps without its nameplate. */
const TOLD_WITH_ANOTHER = new Set(['outHermRead', 'outHermRated', 'outFanSideRead', 'outFanSideRated', 'compAmps']);

describe('the list of points', () => {
  it('has each id once, and finds a point by it', () => {
    expect(new Set(CHECK_POINTS.map(({ id }) => id)).size).toBe(CHECK_POINTS.length);
    for (const [id, point] of named) expect(checkPoint(id)).toBe(point);
    expect(checkPoint('nothing')).toBeUndefined();
  });

  it.each(named)(
    '%s has a name, says where a meter goes and what it shows there, and takes a figure or a state',
    (id, point) => {
      const { name, where, expects, minutes, number, states } = point;
      expect(name.trim()).not.toBe('');
      // What became of a finding is no reading: its figure is a price.
      if (number && id !== 'triage') for (const words of [where, expects]) expect(words.trim()).not.toBe('');
      // What is said or touched as it happens takes no time of its own.
      expect(minutes).toBeGreaterThanOrEqual(0);
      expect(number ?? states).toBeDefined();
      const ids = (states ?? []).map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      // Nothing that is wrong goes without a word on what it asks for, and what is sound asks for nothing.
      for (const { outcome, finding } of states ?? []) if (outcome === 'good') expect(finding).toBeUndefined();
      for (const { finding } of states ?? []) if (finding !== undefined) expect(finding).toMatch(/[.:?]( .+)?$/);
    },
  );

  it.each(numbered)('%s judges every figure a meter can show, on any unit', (id, { number }) => {
    const { min, max } = number!;
    expect(min).toBeLessThan(max);
    for (const context of CONTEXTS)
      for (let step = 0; step <= 20; step += 1) {
        const value = min + ((max - min) * step) / 20;
        const outcome = outcomeOf({ point: id, value }, context);
        // A microfarad reading without the printed rating is no verdict.
        const isUnrated = id === 'capacitor' && !('ratedMicrofarads' in context) && value >= 0.5;
        if (isUnrated || TOLD_WITH_ANOTHER.has(id)) expect(outcome).toBeUndefined();
        else expect(OUTCOMES).toContain(outcome);
        expect(checkText({ point: id, value })).toMatch(/^−?-?\d[\d,.]*( \S.*)?$/);
      }
  });
});

describe('a check as it was typed', () => {
  it.each(numbered)('%s takes the ends of its range and nothing beyond, nor what is no figure', (id, point) => {
    const { min, max } = point.number!;
    for (const value of [min, max]) expect(checkFault({ point: id, value })).toBeUndefined();
    for (const value of [min - 1, max + 1, Number.NaN, Infinity, '4', {}])
      expect(checkFault({ point: id, value })).toMatch(/: between -?\d.*[^.]\.$/);
  });

  it.each(named.filter(([, { states }]) => states))('%s takes its states and no other', (id, { states, name }) => {
    for (const { id: state } of states!) expect(checkFault({ point: id, state })).toBeUndefined();
    expect(checkFault({ point: id, state: 'as one likes' })).toContain(`${name} is one of`);
  });

  it('wants a known point, and a figure or a state', () => {
    expect(checkFault({ point: 'nothing', value: 1 })).toBe('A check names a point that Huff knows.');
    expect(checkFault({ value: 1 })).toBe('A check names a point that Huff knows.');
    expect(checkFault({ point: 'exhaustCfm' })).toMatch(/missing\.$/);
    const seen = CHECK_POINTS.find(({ number, states }) => !number && states)!;
    expect(checkFault({ point: seen.id, value: 3 })).toBe(`${seen.name} takes no figure.`);
  });
});

describe('what stands', () => {
  const read = (point: string, value: number) => ({ point, value });

  it('is the last at each point, and comes in the order it was made', () => {
    const standing = standingChecks([read('exhaustCfm', 1), read('makeUpCfm', 2), read('exhaustCfm', 3)]);
    expect([...standing]).toEqual([
      ['makeUpCfm', read('makeUpCfm', 2)],
      ['exhaustCfm', read('exhaustCfm', 3)],
    ]);
  });

  it('says nothing of a point that is not known', () => {
    expect(outcomeOf(read('nothing', 4), {})).toBeUndefined();
    expect(checkText(read('nothing', 4))).toBe('');
  });
});
