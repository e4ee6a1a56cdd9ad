// The text engine of the app, in Node: tesseract.js with the same data, from the installed packages.
import { createRequire } from 'node:module';
import path from 'node:path';
import { createWorker, OEM, PSM } from 'tesseract.js';

const require = createRequire(import.meta.url);
const langPath = path.join(path.dirname(require.resolve('@tesseract.js-data/eng/package.json')), '4.0.0_best_int');
const MODES = { block: PSM.SINGLE_BLOCK, sparse: PSM.SPARSE_TEXT, line: PSM.SINGLE_LINE };

/** @param photo what core exports for reading photos; @returns `read(image, how)` gives words with boxes and confidence; `close()` ends it */
export async function openEngine({ pgmHead, wordsOf }) {
  const worker = await createWorker('eng', OEM.LSTM_ONLY, { langPath, gzip: true, cacheMethod: 'none' });
  let set = '';
  return {
    async read(image, { mode, only = '' }) {
      const wanted = `${mode} ${only}`;
      if (wanted !== set) {
        await worker.setParameters({ tessedit_pageseg_mode: MODES[mode], tessedit_char_whitelist: only });
        set = wanted;
      }
      const { data } = await worker.recognize(
        Buffer.concat([Buffer.from(pgmHead(image)), image.data]),
        {},
        { blocks: true, text: false },
      );
      return wordsOf(data.blocks);
    },
    close: () => worker.terminate(),
  };
}
