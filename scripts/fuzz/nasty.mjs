/** Texts that programs stumble over: what no text may hold, what is only seen, what other languages take for code. */
const NASTY_TEXTS = [
  '',
  ' ',
  '\u0000',
  'a\u0000b',
  '\ud800',
  '\udc00x',
  'a\u0007b\u001b[31m',
  'line\nline\r\ttab',
  '\u202Egnp.exe',
  '\u2066isolate\u2069',
  '\u200B\u200C\u2060',
  '\uFEFF',
  '\u00AD',
  '\u3164',
  'e\u0301'.repeat(60),
  '👨‍👩‍👧‍👦'.repeat(30),
  'Z͑ͫ̓ͪ̂ͫ̽͏̴̙̤̞͉͚̯̞̠͍A̴̵̜̰͔ͫ͗͢',
  'x'.repeat(81),
  'x'.repeat(5000),
  '<img src=x onerror=alert(1)>',
  '"><script>alert(1)</script>',
  "'; DROP TABLE sites; --",
  '=cmd|calc!A1',
  '${7*7}{{7*7}}',
  '../../etc/passwd',
  '__proto__',
  'constructor',
  'null',
  '1e5',
  '-0',
  '١٢',
  'ß',
  'İ',
];
const NASTY_TIMES = [
  '2026-W20-3T10:00:00Z',
  '2026-131T10:00:00Z',
  '2026-05-12',
  '2026-05-12T10:00:00',
  '2026-05-12T10:00:00+24:00',
  '2026-05-12T10:00:00+14:59',
  '2026-05-12T10:00:00-00:00',
  '9999-12-31T23:59:59Z',
  '9999-12-31T23:59:59-14:00',
  '0000-01-01T00:00:00Z',
  '0001-01-01T00:00:00+14:00',
  '2026-02-30T10:00:00Z',
  '2026-05-12T24:00:00Z',
  '2026-05-12T23:59:60Z',
  '+012026-05-12T10:00:00Z',
  '1969-12-31T23:59:59.999999999Z',
];
const NASTY_NUMBERS = [
  0,
  -0,
  -1,
  1,
  0.5,
  1.5,
  2,
  3,
  10,
  140,
  -3,
  0.1 + 0.2,
  1e-320,
  5e-324,
  1e21,
  1e308,
  -1e308,
  2 ** 31,
  2 ** 53,
  2 ** 63,
  4.999999999999999,
  60_000,
  60_000.5,
];
const NASTY_OTHERS = [
  null,
  true,
  false,
  [],
  {},
  [[]],
  [null],
  [{}],
  [[[]]],
  { length: 1 },
  { toString: 1 },
  { then: 1 },
];

/** A value that may be where another was expected. */
function nastyValue(random, instead) {
  const kind = random.next();
  // Mostly of the kind that is expected: what is refused by its kind alone says little.
  if (typeof instead === 'string' && kind < 0.7)
    return random.pick(/^\d{4}-\d\d-\d\dT/.test(instead) ? NASTY_TIMES : NASTY_TEXTS);
  if (typeof instead === 'number' && kind < 0.5) return random.pick(NASTY_NUMBERS);
  if (typeof instead === 'number' && kind < 0.75) return instead * random.pick([-1, 0.1, 0.5, 0.9, 1.1, 2, 10, 1000]);
  if (Array.isArray(instead) && kind < 0.4)
    return random.pick([[], [...instead, ...instead], instead.slice(1), [...instead].reverse()]);
  return random.pick([
    ...NASTY_OTHERS,
    random.pick(NASTY_TEXTS),
    random.pick(NASTY_NUMBERS),
    random.pick(NASTY_TIMES),
    deep(random.pick([30, 60, 300])),
  ]);
}

/** A value nested so deep. */
function deep(levels) {
  let value = 1;
  for (let i = 0; i < levels; i += 1) value = i % 2 ? [value] : { setup: value };
  return value;
}

const EXTRA_KEYS = [
  '__proto__',
  'constructor',
  'prototype',
  'toString',
  'id',
  'shopId',
  'revision',
  '',
  'a.b',
  '\u0000',
];

/** Every place in a value: the thing that holds it, and under which key. */
function placesIn(value, places = []) {
  if (typeof value !== 'object' || value === null) return places;
  for (const key of Object.keys(value)) {
    places.push([value, key]);
    placesIn(value[key], places);
  }
  return places;
}

/** Sets a key so that even "__proto__" is a key like any other, as JSON.parse would. */
const set = (on, key, value) =>
  Object.defineProperty(on, key, { value, enumerable: true, configurable: true, writable: true });

/** A copy of a value with a few things in it changed: other values, taken out, put in, moved about. */
export function mutated(random, value, changes = 1 + random.below(3)) {
  const copy = structuredClone(value);
  for (let i = 0; i < changes; i += 1) {
    const places = placesIn(copy);
    if (places.length === 0) return nastyValue(random, copy);
    const [on, key] = random.pick(places);
    const what = random.next();
    if (what < 0.65) set(on, key, structuredClone(nastyValue(random, on[key])));
    else if (what < 0.8) {
      if (Array.isArray(on)) on.splice(Number(key), 1);
      else delete on[key];
    } else if (what < 0.9) {
      const [from, there] = random.pick(places);
      set(on, key, structuredClone(from[there]));
    } else if (!Array.isArray(on)) set(on, random.pick(EXTRA_KEYS), structuredClone(nastyValue(random)));
    else on.push(structuredClone(on[key]));
  }
  return copy;
}

/** A body as text: mostly JSON, now and then broken JSON or none. */
export function bodyText(random, value) {
  const text = JSON.stringify(value) ?? 'undefined';
  const what = random.next();
  if (what < 0.95) return text;
  if (what < 0.96) return text.slice(0, random.below(text.length));
  if (what < 0.97) return '['.repeat(20_000);
  if (what < 0.98) return `{"a":`.repeat(20_000) + '1' + '}'.repeat(20_000);
  if (what < 0.99) return text.replace(/\d+/, () => '9'.repeat(400));
  return String.fromCharCode(...Array.from({ length: 40 }, () => random.below(65_536)));
}

export const nastyText = (random) => random.pick([...NASTY_TEXTS, ...NASTY_TIMES]);
