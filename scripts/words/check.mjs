import {
  BANNED,
  MOST_WORDS,
  MOST_WORDS_OF_A_BUTTON,
  MOST_WORDS_OF_A_LABEL,
  NOT_A_VERB,
  sentencesOf,
  SPEAKS_STORED_UNITS,
  UNITS,
  wordsOf,
} from './rules.mjs';

/** Markup and what only a program reads is not judged. */
const MARKUP = /^<!doctype|^@page|\bJOIN \w+ \w+ ON\b|\bcoalesce\(/;

/** Why a text is to be rewritten, each reason by itself. @param {{ file: string, text: string, role: string }} one */
function* faultsOf({ file, text, role }) {
  // What is put in is a name of the code: it is not read.
  const read = text.replace(/\{[^}]*\}/g, '{}');
  for (const { pattern, say, why } of BANNED)
    if (pattern.test(read)) yield `“${pattern.exec(read)[0]}”: say ${say} (${why}).`;
  for (const sentence of sentencesOf(text))
    if (wordsOf(sentence) > MOST_WORDS) yield `${wordsOf(sentence)} words in a sentence, at most ${MOST_WORDS}.`;
  // A label with something put in is what a screen reader hears of a row.
  if (role === 'label' && !text.includes('{') && wordsOf(text) > MOST_WORDS_OF_A_LABEL)
    yield `${wordsOf(text)} words in a label, at most ${MOST_WORDS_OF_A_LABEL}.`;
  if (role === 'button' && wordsOf(text) > MOST_WORDS_OF_A_BUTTON)
    yield `${wordsOf(text)} words on a button, at most ${MOST_WORDS_OF_A_BUTTON}.`;
  if (role === 'button' && NOT_A_VERB.test(text)) yield 'A button begins with the verb of what it does.';
  if (UNITS.test(read) && !SPEAKS_STORED_UNITS.test(file))
    yield 'A unit that a person can choose stands in the sentence: put it in with its figure.';
}

/**
 * The texts that break the rules, with the reason.
 *
 * @param {readonly { file: string, line: number, text: string, role: string }[]} texts
 */
export const checkTexts = (texts) =>
  texts.filter(({ text }) => !MARKUP.test(text)).flatMap((one) => [...faultsOf(one)].map((why) => ({ ...one, why })));
