import { accessSync, constants } from 'node:fs';
import path from 'node:path';
import { run, say, stopWith } from './run.mjs';

/** The first of these programs that can be run, wherever the path leads. */
function programHere(names, also = []) {
  const places = (process.env.PATH ?? '').split(path.delimiter);
  // Places that are only there once the package is: asked for anew each time.
  const all = [
    ...(typeof also === 'function' ? also() : also),
    ...names.flatMap((name) => places.map((place) => path.join(place, name))),
  ];
  return all.find((file) => {
    try {
      accessSync(file, constants.X_OK);
      return true;
    } catch {
      return false;
    }
  });
}

/**
 * A program of Debian's: the one that is here, else installed with apt-get, once.
 *
 * @param without what is said when it cannot be had; left out, undefined is returned
 * @returns its path
 */
export async function ensureProgram({ name, names, also, packages, without }) {
  const here = programHere(names, also);
  if (here) return here;
  say(`Installing ${name} with apt-get (once)`);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  const updated = await run('apt-get', ['update', '-qq'], { env, quiet: true });
  if (updated === 0)
    await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], { env, quiet: true });
  return programHere(names, also) ?? (without === undefined ? undefined : stopWith(without));
}
