// The text engine of the app, in Node: tesseract.js with the same data, from the installed packages.
import { createRequire } from 'node:module';
import path from 'node:path';
import { createWorker, OEM, PSM } from 'tesseract.js';

const require = createRequire(import.meta.url);
const langPath = path.join(path.dirname(require.resolve('@tesseract.js-data/eng/package.json')), '4.0.0_best_int');
const MODES = { block: PSM.SINGLE_BLOCK, sparse: PSM.SPARSE_TEXT, line: PSM.SINGLE_LINE };

/** A gray picture as a file that the engine opens (PGM). */
const asFile = ({ width, height, data }) => Buffer.concat([Buffer.from(`P5\n${width} ${height}\n255\n`), data]);

/** @returns `read(image, how)` gives words with boxes and confidence; `close()` ends it */
export async function openEngine() {
  const worker = await createWorker('eng', OEM.LSTM_ONLY, { langPath, gzip: true, cacheMethod: 'none' });
  let set = '';
  return {
    async read(image, { mode, only = '' }) {
      const wanted = `${mode} ${only}`;
      if (wanted !== set) {
        await worker.setParameters({ tessedit_pageseg_mode: MODES[mode], tessedit_char_whitelist: only });
        set = wanted;
      }
      const { data } = await worker.recognize(asFile(image), {}, { blocks: true, text: false });
      return (data.blocks ?? []).flatMap(({ paragraphs }) =>
        paragraphs.flatMap(({ lines }) =>
          lines.flatMap(({ words }) =>
            words.map(({ text, confidence, bbox }) => ({
              text,
              confidence,
              box: { x: bbox.x0, y: bbox.y0, width: bbox.x1 - bbox.x0, height: bbox.y1 - bbox.y0 },
            })),
          ),
        ),
      );
    },
    close: () => worker.terminate(),
  };
}
