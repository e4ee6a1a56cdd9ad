import { ensureProgram } from './debian.mjs';

/**
 * Chromium for the end-to-end tests: the one that is here, else Debian's.
 *
 * @returns its path
 */
export const ensureChromium = () =>
  ensureProgram({
    name: 'Chromium',
    names: ['chromium', 'chromium-browser', 'google-chrome'],
    also: process.env.CHROMIUM ? [process.env.CHROMIUM] : [],
    packages: ['chromium', 'fonts-dejavu-core'],
    without:
      'No Chromium. Run this as root on Debian, or install Chromium and set CHROMIUM to its path, then run this again.',
  });
