import { pgmHead, wordsOf, type GrayImage, type ReadHow, type ReadWord } from '@huff/core/photo';
import { createWorker, type Worker as Engine } from 'tesseract.js';
import { READER_FILES, readerAddress } from '../src/features/photoReading/readerFiles';

/** Page modes of the engine: one block, text strewn about, one line. */
const MODES = { block: '6', sparse: '11', line: '7' } as const;
/** It reads by its neural network alone. */
const LSTM_ONLY = 1;

let engine: Promise<Engine> | undefined;
/** How it was set last: setting it again takes time. */
let set = '';

/** Starts the engine in its own worker, from this server's or this phone's own files. It ends with the worker that started it. */
function started(): Promise<Engine> {
  return createWorker('eng', LSTM_ONLY, {
    workerPath: readerAddress(READER_FILES.worker),
    corePath: readerAddress(READER_FILES.core),
    langPath: readerAddress('').replace(/\/$/, ''),
    gzip: true,
    // The service worker keeps its files: a second copy in the database would be waste.
    cacheMethod: 'none',
    workerBlobURL: false,
  });
}

/** Reads the words of a picture. @throws Error where the engine cannot be fetched or started */
export async function readWords(image: GrayImage, { mode, only = '' }: ReadHow): Promise<ReadWord[]> {
  engine ??= started();
  const worker = await engine.catch((fault: unknown) => {
    engine = undefined;
    throw fault;
  });
  const wanted = `${mode} ${only}`;
  if (wanted !== set) {
    await worker.setParameters({
      tessedit_pageseg_mode: MODES[mode] as never,
      tessedit_char_whitelist: only,
    });
    set = wanted;
  }
  const file = new Blob([pgmHead(image), image.data as Uint8Array<ArrayBuffer>]);
  const { data } = await worker.recognize(file, {}, { blocks: true, text: false });
  return wordsOf(data.blocks);
}
