import type { BackupState } from '@huff/contract';
import type { Logger } from 'pino';
import { conflict } from '../http/problems';
import { backupsIn, isBackupDue, lacksBackup, makeBackup, type CopiedDb, type RowCounts } from './backups';

const CHECK_MS = 10 * 60_000;

/** Where backups go and how many stay. */
export interface BackupPlace {
  readonly folder: string;
  readonly keep: number;
}

/** Backups beside the requests: each night, and when somebody asks. */
export interface BackupsBeside {
  state(): BackupState;
  /** @throws ProblemError 409 while one is made, or where they are off */
  makeNow(): Promise<void>;
  start(): void;
  stop(): void;
  settled(): Promise<void>;
}

export function backupsBeside(
  db: () => CopiedDb | undefined,
  place: BackupPlace | undefined,
  log: Logger,
  readBack: (folder: string) => Promise<RowCounts>,
): BackupsBeside {
  let making: Promise<void> | undefined;
  let fault: string | null = null;
  let timer: ReturnType<typeof setInterval> | undefined;
  const make = (copied: CopiedDb, { folder, keep }: BackupPlace) => {
    making = makeBackup({ db: copied, folder, keep, now: new Date(), readBack })
      .then(
        ({ name, bytes }) => {
          fault = null;
          log.info({ backup: name, bytes }, 'backup made and read back');
        },
        (error: unknown) => {
          fault = (error as Error).message;
          log.error({ err: error }, 'backup failed');
        },
      )
      .finally(() => (making = undefined));
    return making;
  };
  return {
    state: () => {
      const kept = place ? backupsIn(place.folder) : [];
      const [last] = kept;
      return {
        isOn: place !== undefined,
        last: last ? { madeAt: last.madeAt, bytes: last.bytes } : null,
        kept: kept.length,
        isMaking: making !== undefined,
        isLacking: lacksBackup(last, new Date()),
        fault,
      };
    },
    makeNow: async () => {
      const copied = db();
      if (!place || !copied) throw conflict('Backups are off on this server. Set HUFF_BACKUPS to a folder.');
      if (making) throw conflict('A backup is being made. Wait until it is done.');
      await make(copied, place);
      if (fault !== null) throw conflict(fault);
    },
    start: () => {
      const checking = setInterval(() => {
        const copied = db();
        if (place && copied && !making && isBackupDue(backupsIn(place.folder)[0], new Date())) void make(copied, place);
      }, CHECK_MS);
      // It must not keep a server that stops.
      (checking as { unref?: () => void }).unref?.();
      timer = checking;
    },
    stop: () => clearInterval(timer),
    settled: async () => making,
  };
}
