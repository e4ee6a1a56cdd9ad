import { withSmallStore } from '../testing/smallStore';
import { storeName, workFor } from './shopStore';

withSmallStore();

test('the first shop has the store that was there; another one has its own, and the first comes back to its records', () => {
  expect(storeName()).toBe('huff');
  expect(workFor('shop-a')).toBe(false);
  expect(storeName()).toBe('huff');
  expect(workFor('shop-a')).toBe(false);
  expect(workFor('shop-b')).toBe(true);
  expect(storeName()).toBe('huff-shop-b');
  expect(workFor('shop-a')).toBe(true);
  expect(storeName()).toBe('huff');
});

test('a browser that keeps nothing works on in the one store', () => {
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    get: () => {
      throw new Error('blocked');
    },
  });
  expect(storeName()).toBe('huff');
  expect(workFor('shop-a')).toBe(false);
});
