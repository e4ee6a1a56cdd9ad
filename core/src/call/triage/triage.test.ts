import { effortWords, inTriageOrder, triageSum, type TriageItem } from './triage';

const item = (id: string, over: Partial<TriageItem> = {}): TriageItem => ({
  id,
  area: 'filter',
  words: id,
  minutes: 10,
  money: 5,
  outcome: 'open',
  ...over,
});

describe('order of what was found', () => {
  it('makes safe first and speeds up late, whatever was found first', () => {
    const found = [item('tap', { area: 'speed' }), item('filter'), item('wire', { area: 'safety' })];
    expect(inTriageOrder(found).map(({ id }) => id)).toEqual(['wire', 'filter', 'tap']);
  });

  it('puts what is settled after what is open of the same kind, and leaves the rest as found', () => {
    const found = [item('one', { outcome: 'declined' }), item('two'), item('three'), item('coil', { area: 'coil' })];
    expect(inTriageOrder(found).map(({ id }) => id)).toEqual(['two', 'three', 'one', 'coil']);
  });

  it('does not touch the list it is given', () => {
    const found = [item('tap', { area: 'speed' }), item('filter')];
    inTriageOrder(found);
    expect(found.map(({ id }) => id)).toEqual(['tap', 'filter']);
  });
});

describe('what it takes', () => {
  it('counts what is still to be done or is offered, not what is done, refused or watched', () => {
    const found = [
      item('open', { minutes: 20, money: 0 }),
      item('quoted', { outcome: 'quoted', minutes: 45, money: 60 }),
      item('done', { outcome: 'dealtWith', minutes: 100 }),
      item('refused', { outcome: 'declined', minutes: 100 }),
      item('watched', { outcome: 'watch', minutes: 100 }),
    ];
    expect(triageSum(found)).toEqual({ minutes: 65, money: 60 });
  });

  it('is told without what is nothing', () => {
    expect(effortWords({ minutes: 30, money: 5 }, '€')).toBe('about 30 min, parts about €5');
    expect(effortWords({ minutes: 30, money: 0 }, '$')).toBe('about 30 min');
    expect(effortWords({ minutes: 0, money: 5 }, '$')).toBe('parts about $5');
    expect(effortWords({ minutes: 0, money: 0 }, '$')).toBeUndefined();
  });
});
