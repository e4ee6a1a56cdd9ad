import { fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { isFree, lettersLead, OTHER_KEYS, PLACE_KEYS, setLettersLead } from './keys';
import { ShortcutSheet } from './ShortcutSheet';

const kept = new Map<string, string>();
beforeAll(() => {
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
    },
  });
});
afterAll(() => {
  Reflect.deleteProperty(globalThis, 'localStorage');
});

test('no two keys are one', () => {
  const keys = [...PLACE_KEYS.map(({ key }) => key), ...OTHER_KEYS.map(([key]) => key)];
  expect(new Set(keys).size).toBe(keys.length);
});

test('a key that is typed into something, or in a sheet, is no shortcut', () => {
  const within = (selector: string | null) =>
    ({ closest: (asked: string) => (selector !== null && asked.includes(selector) ? {} : null) }) as never;
  expect(isFree(within('input'))).toBe(false);
  expect(isFree(within('[role="dialog"]'))).toBe(false);
  expect(isFree(within(null))).toBe(true);
  expect(isFree(null)).toBe(true);
});

test('the list names every key, and letters can be switched off for good', () => {
  renderThemed(<ShortcutSheet onClose={jest.fn()} />);
  for (const { words } of PLACE_KEYS) expect(screen.getByText(words)).toBeTruthy();
  expect(lettersLead()).toBe(true);
  fireEvent.press(screen.getByText('Turn shortcuts off'));
  expect(lettersLead()).toBe(false);
  expect(screen.getByText('Turn shortcuts on')).toBeTruthy();
  setLettersLead(true);
  expect(lettersLead()).toBe(true);
});
