import { readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** When a process was started (Linux), so that a dead, a defunct and a re-used pid can be told from a live owner. */
function startOf(pid: number): string | undefined {
  try {
    const fields = readFileSync(`/proc/${pid}/stat`, 'utf8')
      .replace(/^.*\) /s, '')
      .split(' ');
    return fields[0] === 'Z' || fields[0] === 'X' ? undefined : fields[19];
  } catch {
    return undefined;
  }
}

/** Without /proc (not Linux) a live pid is all that can be known. */
function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
}

function ownedByLiveProcess(pid: number, start: string | undefined): boolean {
  const now = startOf(pid);
  return process.platform === 'linux' ? now !== undefined && now === start : isAlive(pid);
}

/** Which folder on which disk: a copy of a folder is another one, whatever its lock says. */
function placeOf(folder: string): string {
  const { dev, ino } = statSync(path.dirname(folder));
  return `${dev}:${ino}`;
}

/**
 * Takes a data folder for this process. PGlite does not lock its folder and two processes in one folder spoil it; a lock
 * file names the owner and the folder; an owner that is dead (a crash, a kill) and the lock of a folder this one was copied from do not count.
 *
 * @returns a function that gives the folder back
 * @throws Error in one plain sentence when another process has it
 */
export function lockFolder(folder: string): () => void {
  const file = `${folder}.lock`;
  const place = placeOf(folder);
  const me = `${process.pid} ${startOf(process.pid) ?? ''} ${place}`;
  for (let attempt = 0; attempt < 3; attempt += 1) {
    try {
      writeFileSync(file, me, { flag: 'wx' });
      return () => rmSync(file, { force: true });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
      const [pid, start, at = place] = readFileSync(file, 'utf8').split(' ');
      if (at === place && ownedByLiveProcess(Number(pid), start)) {
        throw new Error(`${folder} is in use by process ${pid}: stop that one, or set HUFF_DATA to another folder.`);
      }
      rmSync(file, { force: true });
    }
  }
  throw new Error(`${folder} cannot be locked: ${file} keeps coming back. Remove it when no Huff is running.`);
}
