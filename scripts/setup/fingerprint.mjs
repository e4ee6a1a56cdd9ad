import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const LEFT_OUT = new Set(['node_modules', 'dist', '.expo']);

function filesUnder(place) {
  if (!existsSync(place)) return [];
  if (statSync(place).isFile()) return [place];
  return readdirSync(place)
    .filter((name) => !LEFT_OUT.has(name))
    .flatMap((name) => filesUnder(path.join(place, name)));
}

/** A hash over the names and contents of files; tests do not count, since nothing is built from them. */
export function fingerprint(places) {
  const hash = createHash('sha256').update(process.version);
  for (const file of places.flatMap(filesUnder).sort()) {
    if (/\.test\.tsx?$/.test(file)) continue;
    hash.update(file).update('\0').update(readFileSync(file)).update('\0');
  }
  return hash.digest('hex');
}

/** Whether a stamp left by `stamp` still holds. */
export const holds = (file, print) => existsSync(file) && readFileSync(file, 'utf8') === print;

export function stamp(file, print) {
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(file, print);
}
