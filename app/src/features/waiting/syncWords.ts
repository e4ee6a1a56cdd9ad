import type { SyncPhase } from '../../data/spine/sender';

const records = (n: number, one: string, many: string) => (n === 1 ? `1 record ${one}` : `${n} records ${many}`);

const SERVER: Readonly<Record<SyncPhase, string | undefined>> = {
  starting: undefined,
  upToDate: undefined,
  noAnswer: 'No answer from the server.',
  notHuff: 'Something else answers in the server’s place: does this network want you to sign in to it?',
  signIn: 'The server wants you to sign in again.',
  serverTrouble: 'The server has trouble; it is tried again.',
};

/**
 * How it stands with the server, in a line; undefined when there is nothing to say.
 *
 * @param waiting records that wait to be sent
 * @param apart changes that need a person
 */
export function syncWords(phase: SyncPhase, waiting: number, apart: number): string | undefined {
  const server = SERVER[phase];
  const parts = [
    apart > 0 ? (apart === 1 ? '1 change needs you.' : `${apart} changes need you.`) : undefined,
    waiting > 0 ? `${records(waiting, 'waits', 'wait')} to be sent. Everything is kept on this phone.` : undefined,
    server,
    server !== undefined && waiting + apart === 0
      ? 'Shown is what this phone has; readings and verdicts work as always.'
      : undefined,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(' ') : undefined;
}
