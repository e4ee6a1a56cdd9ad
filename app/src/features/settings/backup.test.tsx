import type { BackupState } from '@huff/contract';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, screen } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { BackupSection } from './BackupSection';

const GOOD: BackupState = {
  isOn: true,
  last: { madeAt: '2026-05-12T02:30:00.000Z', bytes: 41_000_000 },
  kept: 3,
  isMaking: false,
  isLacking: false,
  fault: null,
};
const answer = (status: number, body: object) => ({
  ok: status < 300,
  status,
  headers: new Headers(),
  json: () => Promise.resolve(body),
});

async function show(...answers: (ReturnType<typeof answer> | Error)[]) {
  const left = [...answers];
  const asked = jest.fn((_address: string, init?: { readonly method?: string }) => {
    const next = left.shift()!;
    return next instanceof Error ? Promise.reject(next) : Promise.resolve({ ...next, method: init?.method });
  });
  globalThis.fetch = asked as never;
  const client = new QueryClient({ defaultOptions: { queries: { gcTime: Infinity } } });
  renderThemed(
    <QueryClientProvider client={client}>
      <BackupSection />
    </QueryClientProvider>,
  );
  await screen.findByText('Backup');
  return asked;
}

test('the last good one, with how many are kept', async () => {
  await show(answer(200, GOOD));
  expect(screen.getByText(/^Last good backup: .*, 41 MB\. 3 kept, one each night\.$/)).toBeTruthy();
  expect(screen.queryByRole('alert')).toBeNull();
});

test('none of late is a warning; made now, it is gone', async () => {
  const asked = await show(
    answer(200, { ...GOOD, last: null, kept: 0, isLacking: true }),
    answer(200, GOOD),
    answer(200, GOOD),
  );
  expect(screen.getByText('No backup yet. Make one now.')).toBeTruthy();
  await act(async () => void fireEvent.press(screen.getByText('Make a backup')));
  expect(asked.mock.calls[1]).toEqual(['/api/backups', expect.objectContaining({ method: 'POST' })]);
  expect(await screen.findByText(/^Last good backup/)).toBeTruthy();
  expect(screen.queryByText(/^No backup/)).toBeNull();
});

test('why one failed is told in the server’s words', async () => {
  const why = 'The disk of /srv needs 900 MB free for a backup. Free up space.';
  await show(answer(200, GOOD), answer(409, { detail: why }), answer(200, { ...GOOD, fault: why }));
  await act(async () => void fireEvent.press(screen.getByText('Make a backup')));
  expect(await screen.findByText(why)).toBeTruthy();
});

test('without a signal it says where backups are made; off, how to turn them on', async () => {
  await show(new Error('no signal'));
  expect(screen.getByText(/made on the server/)).toBeTruthy();
  screen.unmount();
  await show(answer(200, { ...GOOD, isOn: false, last: null, kept: 0, isLacking: true }));
  expect(screen.getByText(/Set HUFF_BACKUPS/)).toBeTruthy();
  expect(screen.queryByText('Make a backup')).toBeNull();
});
