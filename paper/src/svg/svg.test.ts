import { drawing, el, escaped, isOurs, words } from './svg';
import { verdictMark } from './verdictMark';

test('what was typed never becomes markup, in text or in an attribute', () => {
  expect(escaped(`<b a="1">'&`)).toBe('&#60;b a=&#34;1&#34;&#62;&#39;&#38;');
  expect(el('text', { x: 1, title: '"><script>' }, escaped('<i>'))).toBe(
    '<text x="1" title="&#34;&#62;&#60;script&#62;">&#60;i&#62;</text>',
  );
});

test('figures are short, what is not said is left out', () => {
  expect(el('line', { x1: 1 / 3, x2: undefined, y1: 10 })).toBe('<line x1="0.33" y1="10"/>');
});

test.each([
  ['0.58 in. w.c. − 23 °F × 2', true],
  ['Łódź', false],
  ['Δp · σ', false],
  ['школа', false],
])('%s is set in the app’s own type: %p', (text, is) => {
  expect(isOurs(text)).toBe(is);
  expect(words(text, { x: 0, y: 0 }).includes('HuffWide')).toBe(!is);
});

test('a drawing says what it shows, at its own size', () => {
  const { markup, says } = drawing({ width: 20, height: 10, says: 'Two & two' }, el('g', {}));
  expect(says).toBe('Two & two');
  expect(markup).toMatch(
    /^<svg xmlns="[^"]+" viewBox="0 0 20 10" width="20" height="10" role="img" aria-label="Two &#38; two">/,
  );
});

test('each verdict has a mark of its own that needs no colour', () => {
  const marks = (['inside', 'atTheEdge', 'outside', 'cantSay'] as const).map((word) => verdictMark(word, 0, 0));
  const shapes = marks.map((mark) => mark.replace(/(fill|stroke)="#[^"]+"/g, ''));
  expect(new Set(shapes).size).toBe(4);
});
