import { MOST_NAMES } from '@huff/contract/sync';
import { Tokenizer, TokenParser, TokenType } from '@streamparser/json';
import { createReadStream } from 'node:fs';
import { invalid } from '../http/problems';

/** Lists of a bundle, in the order in which they can be taken in. */
export const LISTS = ['sites', 'blowerTables', 'units', 'visits', 'stops', 'drills', 'photos'] as const;
export type ListName = (typeof LISTS)[number];
/** What stands beside the lists. */
const ALONE = ['huffBundle', 'shop'] as const;

/** Something of a bundle: an item of a list, or what stands alone. */
export type BundlePart =
  | { readonly list: ListName; readonly at: number; readonly value: unknown }
  | { readonly list?: undefined; readonly name: (typeof ALONE)[number]; readonly value: unknown }
  /** At the end: the names at the top of the file, each with whether a list stands there. */
  | { readonly list?: undefined; readonly name: 'end'; readonly value: ReadonlyMap<string, boolean> };

/** A record of Huff's is less deep. */
const MOST_DEPTH = 44;
/** The largest record, a visit of years or a photo, is smaller: whatever is not done by then is none. */
const MOST_BYTES_A_VALUE = 8_000_000;

const wrong = (message: string) => invalid([{ field: '', message }]);

/** Reads pieces of a file into parts, one after the other: what was told is let go. */
function reader() {
  const parts: BundlePart[] = [];
  const tokens = new Tokenizer();
  const values = new TokenParser({
    paths: [...ALONE.map((name) => `$.${name}`), ...LISTS.map((name) => `$.${name}.*`)],
    keepStack: false,
  });
  const tops = new Map<string, boolean>();
  let depth = 0;
  /** Fields so far of each object that is open, by depth. */
  const names: number[] = [];
  let word = '';
  let afterColon = false;
  let sinceValue = 0;
  const next = () => {
    sinceValue = 0;
  };
  tokens.onToken = (parsed) => {
    const { token, value } = parsed;
    if (depth === 0 && token !== TokenType.LEFT_BRACE) throw wrong('This is not a Huff file: it is not a JSON object.');
    if (depth === 1 && afterColon) {
      tops.set(word, token === TokenType.LEFT_BRACKET);
      next();
    }
    afterColon = depth === 1 && token === TokenType.COLON;
    if (depth === 1 && token === TokenType.STRING) word = String(value);
    if (token === TokenType.LEFT_BRACE || token === TokenType.LEFT_BRACKET) depth += 1;
    if (token === TokenType.RIGHT_BRACE || token === TokenType.RIGHT_BRACKET) depth -= 1;
    if (token === TokenType.LEFT_BRACE) names[depth] = 0;
    if (token === TokenType.COLON && (names[depth] = (names[depth] ?? 0) + 1) > MOST_NAMES)
      throw wrong(`“${word}” holds more than ${MOST_NAMES} fields in one object: that is no Huff record.`);
    if (depth > MOST_DEPTH) throw wrong(`“${word}” is nested too deep for a Huff record.`);
    values.write(parsed);
  };
  values.onValue = ({ key, value, stack }) => {
    next();
    const list = LISTS.find((name) => name === stack[1]?.key);
    if (list !== undefined && typeof key === 'number') parts.push({ list, at: key, value });
    const alone = ALONE.find((name) => name === key && stack.length === 1);
    if (alone !== undefined) parts.push({ name: alone, value });
  };
  return {
    parts,
    write(chunk: Uint8Array) {
      sinceValue += chunk.length;
      if (sinceValue > MOST_BYTES_A_VALUE + chunk.length)
        throw wrong(`“${word}” holds something too large for a Huff record.`);
      tokens.write(chunk);
    },
    end() {
      if (!tokens.isEnded) tokens.end();
      if (depth > 0 || !values.isEnded) throw wrong('The file is incomplete. Export it again.');
      parts.push({ name: 'end', value: tops });
    },
  };
}

/**
 * The parts of a bundle file, one after the other, however large it is.
 *
 * @throws ProblemError 422 in a sentence where it is no JSON, ends in the middle, or holds what no bundle holds
 */
export async function* partsOf(file: string): AsyncGenerator<BundlePart> {
  const read = reader();
  const step = (work: () => void): BundlePart[] => {
    try {
      work();
    } catch (error) {
      if (error instanceof Error && 'status' in error) throw error;
      throw wrong('This is not a Huff file: it is not JSON, or it is incomplete. Export it again.');
    }
    return read.parts.splice(0);
  };
  let first = true;
  for await (const chunk of createReadStream(file)) {
    const bytes = chunk as Buffer;
    // A mark of its encoding, as some editors set it.
    const begins = first && bytes.subarray(0, 3).equals(Buffer.from([0xef, 0xbb, 0xbf])) ? 3 : 0;
    first = false;
    yield* step(() => read.write(bytes.subarray(begins)));
  }
  yield* step(() => read.end());
}
