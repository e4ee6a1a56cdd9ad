import { circle, line, path, rect, text, type Shape, verdictMark } from '../shapes';
import { el, escaped, isOurs, svgOf } from '.';

const drawn = (...shapes: readonly Shape[]) => svgOf({ width: 20, height: 10, says: 'Two & two', shapes });

test('what was typed never becomes markup, in text or in an attribute', () => {
  expect(escaped(`<b a="1">'&`)).toBe('&#60;b a=&#34;1&#34;&#62;&#39;&#38;');
  expect(el('text', { x: 1, title: '"><script>' }, escaped('<i>'))).toBe(
    '<text x="1" title="&#34;&#62;&#60;script&#62;">&#60;i&#62;</text>',
  );
  expect(drawn(text(1, 2, '<script>', { size: 12 }))).toContain('>&#60;script&#62;</text>');
});

test('figures are short, what is not said is left out', () => {
  expect(el('line', { x1: 1 / 3, x2: undefined, y1: 10 })).toBe('<line x1="0.33" y1="10"/>');
});

test.each([
  ['0.58 in. w.c. − 23 °F × 2', true],
  ['Łódź', false],
  ['Δp · σ', false],
  ['школа', false],
])('%s is set in the app’s own type: %p', (words, is) => {
  expect(isOurs(words)).toBe(is);
  expect(drawn(text(0, 0, words, { size: 12 })).includes('HuffWide')).toBe(!is);
});

test('a drawing says what it shows, at its own size', () => {
  expect(drawn()).toMatch(
    /^<svg xmlns="[^"]+" viewBox="0 0 20 10" width="20" height="10" role="img" aria-label="Two &#38; two">/,
  );
});

test('each shape is an element in the colors of paper', () => {
  const markup = drawn(
    line(0, 0, 9, 9, { stroke: 'ink', dash: [3, 4], round: true }),
    circle(5, 5, 3, { fill: 'paper' }),
    rect({ x: 1, y: 1, width: 4, height: 4, corner: 2, stroke: 'line' }),
    path('M0 0H9', { fill: 'ink', crisp: true }),
  );
  expect(markup).toContain('stroke="#1B2320" stroke-width="1" stroke-dasharray="3 4" stroke-linecap="round"');
  expect(markup).toContain('<ellipse cx="5" cy="5" rx="3" ry="3" fill="#FFFFFF"/>');
  expect(markup).toContain('rx="2" fill="none" stroke="#CFCBC0"');
  expect(markup).toContain('shape-rendering="crispEdges"');
});

test('what is hatched names a pattern that the drawing brings along, once', () => {
  const area = path('M0 0H9V9Z', { fill: 'suction', hatched: true });
  const markup = drawn(area, area);
  expect(markup.match(/<pattern id="hatch-suction"/g)).toHaveLength(1);
  expect(markup.match(/fill="url\(#hatch-suction\)"/g)).toHaveLength(2);
});

test('of what lies in a box nothing is drawn outside of it', () => {
  const markup = drawn({ kind: 'clip', x: 2, y: 3, width: 4, height: 5, shapes: [circle(5, 5, 30, { fill: 'ink' })] });
  expect(markup).toContain('<svg x="2" y="3" width="4" height="5" viewBox="2 3 4 5" overflow="hidden"><ellipse');
});

test('each verdict has a different mark that needs no color', () => {
  const marks = (['inside', 'atTheEdge', 'outside', 'cantSay'] as const).map((word) =>
    drawn(...verdictMark(word, 0, 0, 20)).replace(/(fill|stroke)="#[^"]+"/g, ''),
  );
  expect(new Set(marks).size).toBe(4);
});
