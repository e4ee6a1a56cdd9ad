import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { HuffServer } from './huffServer';

const NAME = 'HUFF_E2E_DEMO_FOLDER';

/** Once before all tests: a data folder with the demo scenario, which each test's server starts from. */
export default async function makeDemoFolder() {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-e2e-'));
  const server = new HuffServer(folder);
  await server.start();
  await server.stop();
  process.env[NAME] = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}

/** A copy of the demo folder for one server. */
export function copyOfDemoFolder(): string {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-e2e-'));
  cpSync(process.env[NAME]!, folder, { recursive: true });
  return folder;
}
