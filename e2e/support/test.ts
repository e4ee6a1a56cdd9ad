import { test as base } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { copyOfDemoFolder } from './demoFolder';
import { HuffServer } from './huffServer';

export { expect } from '@playwright/test';

async function withServer(
  use: (server: HuffServer) => Promise<void>,
  server = new HuffServer(copyOfDemoFolder()),
): Promise<void> {
  await server.start();
  try {
    await use(server);
  } finally {
    await server.stop();
    rmSync(server.dataFolder, { recursive: true, force: true });
  }
}

interface PerTest {
  /** Watches that the page throws nothing. */
  readonly noPageErrors: void;
}

const watched = base.extend<PerTest>({
  noPageErrors: [
    async ({ page }, use) => {
      const errors: string[] = [];
      page.on('pageerror', (error) => errors.push(error.message));
      await use();
      base.expect(errors).toEqual([]);
    },
    { auto: true },
  ],
});

interface PerWorker {
  /** One server for the tests that neither stop it nor change what another begins with. */
  readonly shared: HuffServer;
}

/** Tests with a server behind `page.goto('/…')`. */
export const test = watched.extend<object, PerWorker>({
  shared: [async ({}, use) => withServer(use), { scope: 'worker' }],
  baseURL: async ({ shared }, use) => use(shared.url),
});

/**
 * Tests with a server of their own: to be stopped and killed, or because they change the record of a unit or a site, with which
 * another test on the same server would then begin.
 */
export const testWithOwnServer = watched.extend<{ huff: HuffServer }>({
  huff: async ({}, use) => withServer(use),
  baseURL: async ({ huff }, use) => use(huff.url),
});

/** Tests in a shop that begins with nothing. */
export const testInEmptyShop = watched.extend<{ huff: HuffServer }>({
  huff: async ({}, use) => {
    const folder = path.join(mkdtempSync(path.join(tmpdir(), 'huff-empty-')), 'data');
    await withServer(use, new HuffServer(folder, undefined, false));
  },
  baseURL: async ({ huff }, use) => use(huff.url),
});
