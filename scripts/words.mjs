// npm run words: the whole text of the app by place, to be read through by a person. With --check only what breaks docs/words.md is shown.
import { checkTexts } from './words/check.mjs';
import { textsOf } from './words/texts.mjs';

const texts = textsOf('.');

if (process.argv.includes('--check')) {
  const faults = checkTexts(texts);
  for (const { file, line, text, why } of faults) console.error(`${file}:${line}\n  ${text}\n  ${why}`);
  console.log(`${texts.length} texts, ${faults.length} to rewrite (docs/words.md)`);
  process.exit(faults.length === 0 ? 0 : 1);
}

let place = '';
for (const { file, text, role } of texts) {
  if (file !== place) console.log(`\n## ${file}\n`);
  place = file;
  console.log(`- ${role === 'text' ? '' : `_${role}_ `}${text}`);
}
