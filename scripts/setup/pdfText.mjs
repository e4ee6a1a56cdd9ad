import { ensureProgram } from './debian.mjs';

/** Reads PDF back as text, in the tests of documents. @returns its path */
export const ensurePdfText = () =>
  ensureProgram({
    name: 'pdftotext',
    names: ['pdftotext'],
    packages: ['poppler-utils'],
    without: 'No pdftotext. Run this as root on Debian, or install poppler-utils, then run this again.',
  });
