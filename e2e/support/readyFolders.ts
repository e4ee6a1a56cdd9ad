import { cpSync, rmSync } from 'node:fs';
import { HuffServer } from './huffServer';
import { newTestFolder } from './testFolder';

const NAMES = { demo: 'HUFF_E2E_DEMO_FOLDER', empty: 'HUFF_E2E_EMPTY_FOLDER' } as const;
/** What a test begins with: the demo scenario, or a shop that has nothing yet. */
export type Begin = keyof typeof NAMES;

/** Until lists say of every visit what was judged: no test waits for that. */
async function judged(url: string): Promise<void> {
  for (let i = 0; i < 200; i += 1) {
    const { visits } = (await (await fetch(`${url}/api/visits`)).json()) as { visits: { headline: string }[] };
    if (visits.every(({ headline }) => headline !== 'Not judged yet')) return;
    await new Promise((go) => setTimeout(go, 100));
  }
  throw new Error('The demo’s visits were not judged.');
}

/** Once before all tests: a data folder of each kind, from which the server of each test starts. */
export default async function makeReadyFolders() {
  const folders: string[] = [];
  for (const begin of ['demo', 'empty'] as const) {
    const folder = newTestFolder();
    folders.push(folder);
    const server = new HuffServer(folder, undefined, begin === 'demo');
    await server.start();
    await judged(server.url);
    await server.stop();
    process.env[NAMES[begin]] = folder;
  }
  return () => {
    for (const folder of folders) rmSync(folder, { recursive: true, force: true });
  };
}

/** A copy of a ready folder for one server. */
export function copyOfReadyFolder(begin: Begin): string {
  const folder = newTestFolder();
  cpSync(process.env[NAMES[begin]]!, folder, { recursive: true });
  return folder;
}
