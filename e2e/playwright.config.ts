import { defineConfig } from '@playwright/test';

/** Debian's Chromium; nothing of it may look for updates or reach out. */
const launchOptions = {
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
  args: [
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

export default defineConfig({
  testDir: '.',
  globalSetup: './support/readyFolders.ts',
  fullyParallel: true,
  workers: 2,
  forbidOnly: process.env.CI !== undefined,
  // Longer than a visit on a busy machine and the longest wait of its arrival together.
  timeout: 180_000,
  expect: { timeout: 15_000 },
  reporter: [['list'], ...(process.env.E2E_REPORT ? [['json', { outputFile: process.env.E2E_REPORT }] as const] : [])],
  use: {
    actionTimeout: 20_000,
    serviceWorkers: 'block',
    launchOptions,
    locale: 'en-US',
    timezoneId: 'UTC',
    reducedMotion: 'reduce',
  },
  projects: [
    { name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true } },
    { name: 'wide', use: { viewport: { width: 1280, height: 800 } }, grep: /@wide/ },
  ],
});
