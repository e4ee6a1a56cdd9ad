import { withSmallStore } from '../../testing/smallStore';
import { begunNote } from './begunNote';
import type { StoreBatch } from './store';

const kept = withSmallStore();
const first: StoreBatch = { remove: ['op-1'] };
const second: StoreBatch = { remove: ['op-2'] };

test('what a page wrote down is there for the next one, in its order; cleared, nothing is left', () => {
  begunNote('huff', 'page-1').put([first, second]);
  const next = begunNote('huff', 'page-2');
  expect(next.read()).toEqual([first, second]);
  next.clear();
  expect(next.read()).toEqual([]);
  expect(kept.size).toBe(0);
});

test('two tabs closed together keep both; a page that stays takes back its own part alone', () => {
  const [one, two] = [begunNote('huff', 'page-1'), begunNote('huff', 'page-2')];
  one.put([first]);
  two.put([second]);
  expect(one.read()).toEqual([first, second]);
  one.put([]);
  expect(two.read()).toEqual([second]);
});

test('another shop’s changes stay apart', () => {
  begunNote('huff', 'page-1').put([first]);
  expect(begunNote('huff-shop2', 'page-2').read()).toEqual([]);
});

test('a broken note, a full store and no store are no error: nothing is written down', () => {
  const note = begunNote('huff', 'page-1');
  for (const broken of ['{"page-1":[', 'null', '7', '{"page-1":7}']) {
    kept.set('huff.begun.huff', broken);
    expect(note.read()).toEqual([]);
  }
  jest.spyOn(globalThis.localStorage, 'setItem').mockImplementation(() => {
    throw new Error('full');
  });
  note.put([first]);
  expect(note.read()).toEqual([]);
  Reflect.deleteProperty(globalThis, 'localStorage');
  note.put([first]);
  expect(note.read()).toEqual([]);
});
