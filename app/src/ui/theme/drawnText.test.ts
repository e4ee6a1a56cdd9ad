import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { ON_SCREEN } from '@huff/paper/shapes';
import { DRAWN_TEXT } from './fonts';

const SRC = path.resolve(__dirname, '../..');
const drawings = readdirSync(SRC, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.tsx') && !name.includes('.test.'))
  .map((name) => ({ name, text: readFileSync(path.join(SRC, name), 'utf8') }))
  .filter(({ text }) => /\bText(?: as \w+)?\b[^}]*\} from 'react-native-svg'/.test(text));

test('no words on a drawing are smaller than can be read at arm’s length in the sun', () => {
  expect(drawings.length).toBeGreaterThan(5);
  const small = drawings.flatMap(({ name, text }) =>
    [...text.matchAll(/fontSize(?:=\{|: )(\d+)/g)]
      .filter(([, size]) => Number(size) < DRAWN_TEXT)
      .map(([found]) => `${name}: ${found}`),
  );
  expect(small).toEqual([]);
  expect(Math.min(ON_SCREEN.small, ON_SCREEN.figure)).toBeGreaterThanOrEqual(DRAWN_TEXT);
});
