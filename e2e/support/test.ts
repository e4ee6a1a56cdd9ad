import { test as base } from '@playwright/test';
import { rmSync } from 'node:fs';
import { HuffServer } from './huffServer';
import { copyOfReadyFolder, type Begin } from './readyFolders';

export { expect } from '@playwright/test';

async function withServer(use: (server: HuffServer) => Promise<void>, begin: Begin = 'demo'): Promise<void> {
  const server = new HuffServer(copyOfReadyFolder(begin), undefined, begin === 'demo');
  await server.start();
  try {
    await use(server);
  } finally {
    await server.stop();
    rmSync(server.dataFolder, { recursive: true, force: true });
  }
}

interface PerTest {
  /** Watches that the page throws nothing, and loads and styles nothing that the server forbids. */
  readonly noPageErrors: void;
}

const watched = base.extend<PerTest>({
  noPageErrors: [
    async ({ page }, use) => {
      const errors: string[] = [];
      page.on('pageerror', (error) => errors.push(error.message));
      page.on('console', (message) => {
        const text = message.text();
        // The page that Chromium itself makes around a picture or a text has style attributes.
        if (/Content Security Policy/.test(text) && !/style-src-attr/.test(text))
          errors.push(`${text} ${message.location().url}`);
      });
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
  huff: async ({}, use) => withServer(use, 'empty'),
  baseURL: async ({ huff }, use) => use(huff.url),
});
