import { spawn } from 'node:child_process';

/** Ends the program with one plain sentence. */
export function stopWith(sentence) {
  console.error(`\n${sentence}`);
  process.exit(1);
}

/** Says what is done now. */
export const say = (words) => console.log(`» ${words}`);

/**
 * Runs a command to its end, with its output shown.
 *
 * @param options.mostMinutes it is ended after these, which counts as failing
 * @returns its exit code; 127 when there is no such command
 */
export function run(command, args, { env = {}, quiet = false, cwd, mostMinutes } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd,
      timeout: mostMinutes === undefined ? undefined : mostMinutes * 60_000,
      stdio: quiet ? ['ignore', 'ignore', 'inherit'] : ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, ...env },
    });
    child.once('error', () => resolve(127));
    child.once('exit', (code) => resolve(code ?? 1));
  });
}

/** Runs a command of an installed package, without a shell between. */
export const runPackage = (script, args, options) =>
  run(process.execPath, [`node_modules/${script}`, ...args], options);
