import { cpSync, rmSync } from 'node:fs';
import { HuffServer } from './huffServer';
import { newTestFolder } from './testFolder';

const NAMES = { demo: 'HUFF_E2E_DEMO_FOLDER', empty: 'HUFF_E2E_EMPTY_FOLDER' } as const;
/** What a test begins with: the demo scenario, or a shop that has nothing yet. */
export type Begin = keyof typeof NAMES;

/** Once before all tests: a data folder of each kind, from which the server of each test starts. */
export default async function makeReadyFolders() {
  const folders: string[] = [];
  for (const begin of ['demo', 'empty'] as const) {
    const folder = newTestFolder();
    folders.push(folder);
    const server = new HuffServer(folder, undefined, begin === 'demo');
    await server.start();
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
