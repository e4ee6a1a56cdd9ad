import { renderHook, waitFor } from '@testing-library/react-native';
import { useServiceWorker } from './serviceWorker';

const phone = (register?: () => Promise<unknown>) =>
  Object.defineProperty(globalThis, 'navigator', {
    configurable: true,
    value: register ? { serviceWorker: { register } } : {},
  });
const was = Object.getOwnPropertyDescriptor(globalThis, 'navigator');
const isDev = __DEV__;
beforeEach(() => void Object.assign(globalThis, { __DEV__: false }));
afterEach(() => {
  Object.assign(globalThis, { __DEV__: isDev });
  if (was) Object.defineProperty(globalThis, 'navigator', was);
});

test('where the service worker keeps the pages, they are not read before they are opened', async () => {
  const register = jest.fn(() => Promise.resolve({}));
  phone(register);
  const withoutIt = jest.fn();
  renderHook(() => useServiceWorker(withoutIt));
  await waitFor(() => expect(register).toHaveBeenCalledWith('/sw.js'));
  expect(withoutIt).not.toHaveBeenCalled();
});

test.each([
  ['refused', () => Promise.reject(new Error('not secure'))],
  ['not there', undefined],
])('where it is %s, they are fetched while there is a signal', async (_how, register) => {
  phone(register);
  const withoutIt = jest.fn();
  renderHook(() => useServiceWorker(withoutIt));
  await waitFor(() => expect(withoutIt).toHaveBeenCalledTimes(1));
});
