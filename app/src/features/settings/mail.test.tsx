import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { renderThemed } from '../../testing/render';
import { MailPage } from './MailPage';

const mockAsk = jest.fn();
jest.mock('expo-router', () => ({ router: { replace: jest.fn() } }));
jest.mock('../../data/ask', () => ({ ask: (address: string) => mockAsk(address) as unknown }));

const show = () =>
  renderThemed(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { gcTime: 0 } } })}>
      <MailPage />
    </QueryClientProvider>,
  );
const mail = (id: string, more: object = {}) => ({
  id,
  kind: 'report',
  to: 'desk@quay.example',
  subject: `Report ${id}`,
  body: `All of ${id}.`,
  madeAt: '2026-05-12T10:00:00.000Z',
  ...more,
});

test('mails stand with whom they go to; one is read where it is touched, and closed again', async () => {
  mockAsk.mockResolvedValue({ body: { mails: [mail('a'), mail('b', { kind: 'reminder' })] } });
  show();
  await waitFor(() => expect(screen.getByText('Report a')).toBeTruthy());
  expect(screen.getByText('reminder · desk@quay.example · May 12')).toBeTruthy();
  expect(screen.queryByText('All of b.')).toBeNull();
  fireEvent.press(screen.getByText('Report b'));
  expect(screen.getByText('All of b.')).toBeTruthy();
  fireEvent.press(screen.getByText('Report b'));
  expect(screen.queryByText('All of b.')).toBeNull();
});

test('an empty outbox says when something is written; a silent server is said to be', async () => {
  mockAsk.mockResolvedValue({ body: { mails: [] } });
  show();
  await waitFor(() => expect(screen.getByText(/^No email yet\. Huff drafts a report when/)).toBeTruthy());
  mockAsk.mockRejectedValue(new Error('offline'));
  show();
  await waitFor(() => expect(screen.getByText('Email is on the server. Try again with a signal.')).toBeTruthy());
});
