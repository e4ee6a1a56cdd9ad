import { fleschKincaid } from 'flesch-kincaid';
import { syllable } from 'syllable';
import { sentencesOf, wordsOf } from './rules.mjs';

/** What the owner of the building reads: the first page of the report, what was found there and what was done. */
export const OWNERS_TEXTS = /^paper\/src\/document\/owner\w*\.ts$|^core\/src\/call\/upkeep\/done\.ts$/;

/** Years of school that the owner's page may ask for. */
export const MOST_GRADE = 8;

/**
 * How hard texts are to read, as years of school in the United States (Flesch and Kincaid, 1975).
 *
 * @param {readonly string[]} texts what is put in counts as one short word
 */
export function gradeOf(texts) {
  const sentences = texts.flatMap((text) => sentencesOf(text.replace(/\{[^}]*\}/g, 'it')));
  const words = sentences.reduce((sum, sentence) => sum + wordsOf(sentence), 0);
  return fleschKincaid({ sentence: sentences.length, word: words, syllable: syllable(sentences.join(' ')) });
}
