import assert from 'node:assert/strict';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { after, test } from 'node:test';
import { fingerprint, holds, stamp } from './fingerprint.mjs';

const folder = mkdtempSync(path.join(tmpdir(), 'huff-fingerprint-'));
const write = (name, text) => writeFileSync(path.join(folder, name), text);
after(() => rmSync(folder, { recursive: true }));

test('what is built is built anew when a source changes, and not for a test', () => {
  write('source.ts', 'one');
  const before = fingerprint([folder]);
  assert.equal(fingerprint([folder]), before);
  write('source.test.ts', 'a test');
  assert.equal(fingerprint([folder]), before);
  write('source.ts', 'two');
  assert.notEqual(fingerprint([folder]), before);
});

test('a stamp holds for the print it was made of, and for no other', () => {
  const file = path.join(folder, 'stamps', 'built');
  assert.equal(holds(file, 'abc'), false);
  stamp(file, 'abc');
  assert.equal(holds(file, 'abc'), true);
  assert.equal(holds(file, 'abd'), false);
});
