import type { EntryCode, Person, SessionState } from '@huff/contract';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import type { ReactElement } from 'react';
import { renderThemed } from '../../testing/render';
import { AtTheDoor } from './AtTheDoor';
import { CodeCard } from './CodeCard';
import { PeoplePage } from './PeoplePage';
import { SecureNotice } from './SecureNotice';
import { SignInPage } from './SignInPage';

const mockReplace = jest.fn();
jest.mock('expo-router', () => ({
  router: { replace: (to: string) => mockReplace(to), push: jest.fn() },
  usePathname: () => '/',
}));
const mockStatus = { phase: 'upToDate', everTold: true };
const mockSetPerson = jest.fn((_person: object) => Promise.resolve());
jest.mock('../../data/theSpine', () => ({ spine: () => ({ setPerson: mockSetPerson, wake: () => undefined }) }));
jest.mock('../../data/useOutbox', () => ({
  useSyncStatus: () => mockStatus,
  useWaiting: () => ({ waiting: 2, apart: [], others: new Map() }),
}));

const BO: Person = {
  id: 'bo',
  name: 'Bo',
  role: 'technician',
  signInName: null,
  hasPassphrase: false,
  passkeys: 0,
  leftAt: null,
};
const ADA: Person = { ...BO, id: 'ada', name: 'Ada', role: 'owner', hasPassphrase: true };
const session = (person: Person | null, address: string | null = 'https://huff.example'): SessionState => ({
  isOn: true,
  address,
  shop: person && { id: 'shop', name: 'Our shop' },
  person,
  isAtComputer: false,
});

/** What the server says, by what is asked. */
type Says = Readonly<Record<string, readonly [status: number, body: object]>>;
let asked: string[];

async function show(element: ReactElement, says: Says) {
  asked = [];
  globalThis.fetch = jest.fn((address: string, init?: { readonly method?: string; readonly body?: string }) => {
    const what = `${init?.method ?? 'GET'} ${address}`;
    asked.push(init?.body ? `${what} ${init.body}` : what);
    const [status, body] = says[what] ?? [404, { title: 'Not found', detail: 'There is no such address.' }];
    return Promise.resolve({ ok: status < 300, status, headers: new Headers(), json: () => Promise.resolve(body) });
  }) as never;
  const client = new QueryClient({ defaultOptions: { queries: { gcTime: Infinity, retry: false } } });
  renderThemed(<QueryClientProvider client={client}>{element}</QueryClientProvider>);
  await act(async () => Promise.resolve());
}
beforeEach(() => {
  mockReplace.mockClear();
  mockSetPerson.mockClear();
});

const fill = (label: string, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);
const press = (words: string) => act(async () => void fireEvent.press(screen.getAllByText(words).at(-1)!));

test('a wrong passphrase is told in a sentence, what was typed stays, and nothing is gone to', async () => {
  const wrong = {
    title: 'Not signed in',
    detail: 'The name or the passphrase is wrong. Check both, or ask for a code.',
  };
  await show(<SignInPage />, {
    'GET /api/session': [200, session(null)],
    'POST /api/session/passphrase': [401, wrong],
  });
  expect(screen.getByText(/^2 records are saved on this phone/)).toBeTruthy();
  fill('Name', 'Bo');
  fill('Passphrase', 'bo knows many belt');
  await press('Sign in');
  expect(await screen.findByText(wrong.detail)).toBeTruthy();
  expect(screen.getByDisplayValue('bo knows many belt')).toBeTruthy();
  expect(mockReplace).not.toHaveBeenCalled();
  expect(mockSetPerson).not.toHaveBeenCalled();
});

test('the right one leads to today’s jobs, and the phone knows whose work it sends from now on', async () => {
  await show(<SignInPage />, {
    'GET /api/session': [200, session(null)],
    'POST /api/session/passphrase': [200, session(BO)],
  });
  fill('Name', 'Bo');
  fill('Passphrase', 'bo knows many belts');
  await press('Sign in');
  expect(mockSetPerson).toHaveBeenCalledWith({ id: 'bo', name: 'Bo' });
  expect(mockReplace).toHaveBeenCalledWith('/');
  expect(asked).toContain('POST /api/session/passphrase {"name":"Bo","passphrase":"bo knows many belts"}');
});

test('a new phone is led to the door; one that was let in before the next sync is answered is not', async () => {
  Object.assign(mockStatus, { phase: 'signIn', everTold: false });
  await show(<AtTheDoor />, { 'GET /api/session': [200, session(null)] });
  await waitFor(() => expect(mockReplace).toHaveBeenCalledWith('/sign-in'));
  mockReplace.mockClear();
  await show(<AtTheDoor />, { 'GET /api/session': [200, session(BO)] });
  await waitFor(() => expect(mockSetPerson).toHaveBeenCalledWith({ id: 'bo', name: 'Bo' }));
  expect(mockReplace).not.toHaveBeenCalled();
  Object.assign(mockStatus, { phase: 'upToDate', everTold: true });
});

test('without the server nothing is known, and it is said that a signal is needed', async () => {
  await show(<SignInPage />, {});
  globalThis.fetch = jest.fn(() => Promise.reject(new Error('no signal'))) as never;
  fill('Code', 'K7QM-2XPR-9DTW');
  await press('Use this code');
  expect(await screen.findByText('The server could not be reached. Try again with a signal.')).toBeTruthy();
  expect(screen.getByDisplayValue('K7QM-2XPR-9DTW')).toBeTruthy();
});

const MADE: EntryCode = {
  code: 'K7QM-2XPR-9DTW',
  link: 'https://huff.example/join#K7QM-2XPR-9DTW',
  qr: { side: 29, d: 'M4 4h1v1h-1z' },
  expiresAt: '2026-05-12T10:42:00.000Z',
};

test('a code says where it leads and how long it lasts; on a server that is alone it says that phones do not reach it', async () => {
  await show(<CodeCard made={MADE} whose="Bo" />, { 'GET /api/session': [200, session(ADA, null)] });
  expect(screen.getByText('K7QM-2XPR-9DTW')).toBeTruthy();
  expect(screen.getByText(/https:\/\/huff\.example\/join and type the code\. It lets Bo in once/)).toBeTruthy();
  expect(await screen.findByText(/Codes made now open on this computer only/)).toBeTruthy();
  expect(screen.getByLabelText(/^Code that opens/)).toBeTruthy();
});

const AT_PEOPLE = (person: Person): Says => ({
  'GET /api/session': [200, session(person)],
  'GET /api/people': [200, { people: [ADA, BO] }],
  'GET /api/me/devices': [
    200,
    {
      devices: [
        { id: '1', label: 'Computer', usedAt: '2026-05-12T10:42:00.000Z', isThis: true },
        { id: '2', label: 'Phone', usedAt: '2026-05-11T10:42:00.000Z', isThis: false },
      ],
    },
  ],
  'DELETE /api/me/devices': [204, {}],
  'POST /api/me/phone': [200, MADE],
});

test('an owner changes people; a technician sees them and changes nothing', async () => {
  await show(<PeoplePage />, AT_PEOPLE(BO));
  expect(await screen.findByText('Bo: technician, no passphrase yet')).toBeTruthy();
  expect(screen.queryByText('Add person')).toBeNull();
  // Nor is anything said of a computer that is not this phone.
  expect(screen.queryByText(/Anyone at this computer/)).toBeNull();
  expect(screen.queryByText(/make a code under People/)).toBeNull();
  expect(screen.getByText('Sign out here')).toBeTruthy();
  screen.unmount();
  await show(<PeoplePage />, AT_PEOPLE(ADA));
  expect(await screen.findByText('Add person')).toBeTruthy();
  expect(await screen.findByText('owner, signs in with passphrase')).toBeTruthy();
});

test('a phone is added by a code, and all others can be signed out', async () => {
  await show(<PeoplePage />, AT_PEOPLE(ADA));
  await screen.findByText('Show code for your phone');
  await press('Show code for your phone');
  expect(await screen.findByText('K7QM-2XPR-9DTW')).toBeTruthy();
  expect(screen.getByText('Computer (this one)')).toBeTruthy();
  await press('Sign out everywhere else');
  expect(asked).toContain('DELETE /api/me/devices');
});

test('an address that is not secure says what does not work there', async () => {
  const before = globalThis.isSecureContext;
  Object.defineProperty(globalThis, 'isSecureContext', { configurable: true, value: false });
  await show(<SecureNotice />, {});
  expect(screen.getByText('This address is not secure.')).toBeTruthy();
  Object.defineProperty(globalThis, 'isSecureContext', { configurable: true, value: before });
});
