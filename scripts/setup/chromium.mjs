import { ensureProgram } from './debian.mjs';

const named = () => (process.env.CHROMIUM ? [process.env.CHROMIUM] : []);

/**
 * Chromium as people run it, for pictures and benchmarks: the one that is here, else Debian's.
 *
 * @returns its path
 */
export const ensureChromium = () =>
  ensureProgram({
    name: 'Chromium',
    names: ['chromium', 'chromium-browser', 'google-chrome'],
    also: named(),
    packages: ['chromium', 'fonts-dejavu-core'],
    without:
      'No Chromium. Run this as root on Debian, or install Chromium and set CHROMIUM to its path, then run this again.',
  });

/**
 * Chromium without windows, for the end-to-end tests: the same engine opens a page with half the work. Where Debian
 * has no such package, the whole Chromium.
 *
 * @returns its path
 */
export const ensureHeadlessChromium = async () =>
  (await ensureProgram({
    name: 'Chromium without windows',
    names: ['chromium-headless-shell'],
    also: named(),
    packages: ['chromium-headless-shell', 'fonts-dejavu-core'],
  })) ?? (await ensureChromium());
