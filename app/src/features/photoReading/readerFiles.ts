/** The versions of the engine and of its data: a new one has a new address, so that no phone mixes two. */
const READER_VERSION = '7.0.0-1.0.0';

/** The files of the reader, put there by scripts/reader.mjs. */
export const READER_FILES = {
  worker: 'worker.min.js',
  core: 'tesseract-core-simd-lstm.wasm.js',
  data: 'eng.traineddata.gz',
} as const;

/** What is fetched once, in MB as it goes over the air. */
export const READER_MB = 7;

/** The cache that the service worker keeps them in (scripts/service-worker.mjs). */
const CACHE = 'huff-reader';

export const readerAddress = (file: string): string => `/reader/${READER_VERSION}/${file}`;

/** Whether the reader is on this phone: then it works without a signal. */
export async function isReaderHere(): Promise<boolean> {
  if (typeof caches === 'undefined') return false;
  try {
    const cache = await caches.open(CACHE);
    const found = await Promise.all(Object.values(READER_FILES).map((file) => cache.match(readerAddress(file))));
    return found.every((one) => one !== undefined);
  } catch {
    return false;
  }
}

/**
 * Fetches the reader and keeps it on this phone.
 *
 * @throws Error without a signal, or when the phone has no room
 */
export async function fetchReader(): Promise<void> {
  if (typeof caches === 'undefined') return;
  const cache = await caches.open(CACHE);
  await cache.addAll(Object.values(READER_FILES).map(readerAddress));
}
