import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { nameOf } from './http/servedNames';

export interface Config {
  readonly host: string;
  readonly port: number;
  /** Names under which it is reached beside its own. */
  readonly names: readonly string[];
  /** Where data is kept. */
  readonly dataFolder: string;
  /** Loads the demo scenario into an empty database. */
  readonly demo: boolean;
  readonly logLevel: string;
  /** The built app. */
  readonly webFolder: string;
}

function namesIn(list: string): string[] {
  const names = list.split(/[\s,]+/).filter((name) => name !== '');
  const wrong = names.find((name) => nameOf(name) === undefined);
  if (wrong !== undefined)
    throw new Error(`HUFF_NAMES has "${wrong}": list names such as huff.example or 192.0.2.7, separated by commas.`);
  return names.map((name) => nameOf(name)!);
}

/** Settings from the environment, with one plain sentence when one is wrong. */
export function configFrom(env: NodeJS.ProcessEnv): Config {
  const port = Number(env.PORT ?? 3000);
  if (!Number.isInteger(port) || port < 0 || port > 65535) {
    throw new Error(`PORT is "${env.PORT}": set it to a number from 1 to 65535.`);
  }
  return {
    host: env.HUFF_HOST ?? '127.0.0.1',
    port,
    names: namesIn(env.HUFF_NAMES ?? ''),
    dataFolder: path.resolve(env.HUFF_DATA ?? './data'),
    demo: env.HUFF_DEMO === '1',
    logLevel: env.HUFF_LOG ?? 'info',
    webFolder: env.HUFF_WEB ? path.resolve(env.HUFF_WEB) : fileURLToPath(new URL('../../app/dist', import.meta.url)),
  };
}
