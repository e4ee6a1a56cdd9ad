import { accessSync, constants } from 'node:fs';
import path from 'node:path';
import { run, say, stopWith } from './run.mjs';

const NAMES = ['chromium', 'chromium-browser', 'google-chrome'];

function found() {
  const named = process.env.CHROMIUM;
  const places = (process.env.PATH ?? '').split(path.delimiter);
  const all = [...(named ? [named] : []), ...NAMES.flatMap((name) => places.map((place) => path.join(place, name)))];
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
 * Chromium for the end-to-end tests: the one that is here, else Debian's.
 *
 * @returns its path
 */
export async function ensureChromium() {
  const here = found();
  if (here) return here;
  say('Installing Chromium with apt-get (once)');
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  const updated = await run('apt-get', ['update', '-qq'], { env, quiet: true });
  if (updated === 0) {
    await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium', 'fonts-dejavu-core'], {
      env,
      quiet: true,
    });
  }
  return (
    found() ??
    stopWith(
      'No Chromium. Run this as root on Debian, or install Chromium and set CHROMIUM to its path, then run this again.',
    )
  );
}
