import type { SyncPhase } from '../../data/spine/sender';

const records = (n: number) => (n === 1 ? '1 record' : `${n} records`);

const SERVER: Readonly<Record<SyncPhase, string | undefined>> = {
  starting: undefined,
  upToDate: undefined,
  noAnswer: 'No answer from the server.',
  notHuff: 'Something else answers instead of the server. Does this network need a sign-in?',
  signIn: 'Sign in to sync.',
  serverTrouble: 'The server has a problem. Huff will retry.',
};

/**
 * How it stands with the server, in a line; undefined when there is nothing to say.
 *
 * @param waiting records that wait to be sent
 * @param apart changes that need a person
 * @param others changes that wait for another person, by name
 */
export function syncWords(
  phase: SyncPhase,
  waiting: number,
  apart: number,
  others: ReadonlyMap<string, number> = new Map(),
): string | undefined {
  const server = SERVER[phase];
  const parts = [
    apart > 0 ? (apart === 1 ? '1 change needs your attention.' : `${apart} changes need your attention.`) : undefined,
    waiting > 0 ? `${records(waiting)} not synced yet. Everything is saved on this phone.` : undefined,
    ...[...others].map(
      ([name, n]) => `${n === 1 ? '1 change waits' : `${n} changes wait`} for ${name} to sign in on this phone.`,
    ),
    server,
    server !== undefined && waiting + apart + others.size === 0
      ? 'Showing data on this phone. Readings and verdicts still work.'
      : undefined,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(' ') : undefined;
}
