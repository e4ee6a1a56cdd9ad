import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';
import { checkTexts } from './check.mjs';
import { gradeOf, MOST_GRADE, OWNERS_TEXTS } from './ease.mjs';
import { BANNED, sentencesOf, wordsOf } from './rules.mjs';
import { textsOf, textsOfSource } from './texts.mjs';

const found = (source, file = 'app/src/features/one/One.tsx') => textsOfSource(file, source).map(({ text }) => text);
const faults = (text, role = 'text', file = 'app/src/features/one/One.tsx') =>
  checkTexts([{ file, line: 1, text, role }]).map(({ why }) => why);

test('what a person reads is found: words between tags, in properties, returned, and put together', () => {
  assert.deepEqual(found('const a = <Txt>Measure static again</Txt>;'), ['Measure static again']);
  assert.deepEqual(found("const a = { label: 'Airflow', hint: `Over ${words(most)} it slips.` };"), [
    'Airflow',
    'Over {most} it slips.',
  ]);
  assert.deepEqual(found("const a = 'Replace the filter' + ' first.';"), ['Replace the filter first.']);
  assert.deepEqual(found("const a = `${many ? 'Several filters' : 'One filter'} fit.`;"), [
    '{filter} fit.',
    'Several filters',
    'One filter',
  ]);
});

test('a word between tags is always read, one that starts small as well', () => {
  assert.deepEqual(found('const a = <Txt>proven {day}</Txt>;'), ['proven']);
});

test('what only the machine reads is left out: imports, ids, types, keys, paths, queries, comparisons', () => {
  const source = `
    import { a } from 'some folder/of words';
    type Kind = 'one kind' | 'other kind';
    const id = { testID: 'the pane', kind: 'air handler', href: '/sites' };
    if (kind === 'two words') db.query('SELECT name FROM sites WHERE id = $1');
    const key = map['a key of words'];
    const path = 'M0 0 L10 10';
  `;
  assert.deepEqual(found(source), []);
});

test('the name of a thing is read; the name of an icon is not', () => {
  assert.deepEqual(found("const cause = { name: 'a loose belt' };"), ['a loose belt']);
  assert.deepEqual(found('const icon = <Icon name="arrow-left" />;'), []);
});

test('a button and a label are known as such', () => {
  const roles = (source) => textsOfSource('one.tsx', source).map(({ role }) => role);
  assert.deepEqual(roles('<TextButton onPress={go}>Save visit</TextButton>'), ['button']);
  assert.deepEqual(roles("const field = { label: 'Heater volts' };"), ['label']);
  assert.deepEqual(roles("const one = { sentence: 'It is off.' };"), ['text']);
});

test('each rule finds what it is for', () => {
  const wrong = {
    stands: 'What stands here',
    taken: 'It is taken as 400.',
    said: 'The refrigerant was not said.',
    weigh: 'Weigh the plans.',
    mend: 'Mend it first.',
    wants: 'The motor wants 24 V.',
    Lacks: 'Lacks the tons.',
    maker: 'The maker’s table.',
    band: 'It is in the band.',
    lands: 'It lands at 940.',
    stretch: 'The stretch nobody touched.',
    station: 'Go to the next station.',
    prove: 'Prove the fix.',
    upkeep: 'Upkeep is due.',
    'hand over': 'Hand over the page.',
    plate: 'The plate allows 0.50.',
    optimal: 'The optimal speed.',
  };
  for (const [word, text] of Object.entries(wrong)) assert.ok(faults(text).length > 0, `${word} is let through`);
  assert.ok(BANNED.every(({ say, why }) => say !== '' && why !== ''));
});

test('words of the trade that look alike are let through', () => {
  for (const right of [
    'Weigh the charge in.',
    'Put the flow plate in the slot.',
    'The proving switch is closed.',
    'Compare standing pressure with outdoor air.',
    'The nameplate allows {value}.',
  ])
    assert.deepEqual(faults(right), [], right);
});

test('a sentence of over twenty words, a long label, a button that names a thing, a typed unit', () => {
  const long = `${'word '.repeat(20)}end.`;
  assert.match(faults(long)[0], /21 words in a sentence/);
  assert.deepEqual(faults(`${'word '.repeat(19)}end. Then another one.`), []);
  assert.match(faults('Blower sheave pitch diameter', 'label')[0], /4 words in a label/);
  assert.match(faults('Save the readings as a file', 'button')[0], /6 words on a button/);
  assert.match(faults('The whole shop', 'button')[0], /begins with the verb/);
  assert.match(faults('Over 80 °F it opens.')[0], /unit/);
  assert.match(faults('Over {most} CFM it opens.')[0], /unit/);
  assert.match(faults('A duct of {diameter} in. round')[0], /unit/);
  assert.deepEqual(faults('CFM must be above 0 CFM.', 'text', 'contract/src/csv/one.ts'), []);
});

test('sentences end at a stop, not at an abbreviation; what is put in is one word', () => {
  assert.equal(sentencesOf('It is 0.58 in. w.c. high. Replace the filter.').length, 2);
  assert.equal(wordsOf('Airflow {flowCfm} at {static}.'), 4);
});

test('the owner’s page asks for eight years of school at most; a hard text is told from it', () => {
  const texts = textsOf(fileURLToPath(new URL('../..', import.meta.url))).filter(({ file }) => OWNERS_TEXTS.test(file));
  assert.ok(texts.length > 80);
  assert.ok(gradeOf(texts.map(({ text }) => text)) <= MOST_GRADE);
  const hard =
    'Excessive external resistance considerably diminishes volumetric delivery throughout the distribution system.';
  assert.ok(gradeOf([hard]) > MOST_GRADE);
});
