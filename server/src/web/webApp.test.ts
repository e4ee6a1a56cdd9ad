import express from 'express';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import request from 'supertest';
import { webApp } from './webApp';

let folder: string;
const http = () => request(express().use(webApp(folder)));

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'huff-web-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('a built app', () => {
  beforeEach(() => {
    mkdirSync(path.join(folder, '_expo/static/js'), { recursive: true });
    writeFileSync(path.join(folder, 'index.html'), '<title>Huff</title>');
    writeFileSync(path.join(folder, 'sw.js'), 'self.skipWaiting()');
    writeFileSync(path.join(folder, '_expo/static/js/entry-0123.js'), 'start()');
  });

  test('files with a hash in their name are kept for ever, the rest is requested anew', async () => {
    const script = await http().get('/_expo/static/js/entry-0123.js').expect(200);
    expect(script.headers['cache-control']).toBe('public, max-age=31536000, immutable');
    for (const file of ['/', '/sw.js', '/index.html']) {
      expect((await http().get(file).expect(200)).headers['cache-control']).toBe('no-cache');
    }
  });

  test('the worker that reads photos may compile its engine; no other file may', async () => {
    mkdirSync(path.join(folder, 'reader/1.0.0'), { recursive: true });
    writeFileSync(path.join(folder, 'reader/1.0.0/worker.min.js'), 'read()');
    const worker = await http().get('/reader/1.0.0/worker.min.js').expect(200);
    expect(worker.headers['content-security-policy']).toContain("'wasm-unsafe-eval'");
    expect(worker.headers['cache-control']).toContain('immutable');
    for (const file of ['/', '/_expo/static/js/entry-0123.js'])
      expect((await http().get(file)).headers['content-security-policy'] ?? '').not.toContain('unsafe');
  });

  test('any page of the app is its first page: it finds its own way', async () => {
    for (const page of [
      '/quick',
      '/visits/11110000-0000-4000-8000-000000000001',
      '/calculators/traverse?shape=round',
    ]) {
      const answer = await http().get(page).expect(200);
      expect(answer.text).toContain('Huff');
      expect(answer.headers['cache-control']).toBe('no-cache');
    }
  });

  test('an address that is none of the app’s is not found: probes must not take it for an answer', async () => {
    writeFileSync(path.join(folder, 'pages.json'), JSON.stringify(['quick', 'visits']));
    for (const address of ['/healthz', '/metrics', '/wp-login', '/visit'])
      expect((await http().get(address).expect(404)).text).toContain('Huff');
    for (const address of ['/', '/quick', '/visits/1']) await http().get(address).expect(200);
  });

  test('a script or a picture that is missing is missing: the first page in its place would be run or drawn', async () => {
    for (const file of ['/_expo/static/js/web/entry-4567.js', '/assets/none', '/none.png', '/sw.js.map'])
      await http().get(file).expect(404);
    await http().post('/quick').expect(404);
  });

  test('nothing outside the folder is given', async () => {
    writeFileSync(path.join(folder, '..', 'huff-secret.txt'), 'kept inside');
    const answer = await http().get('/..%2fhuff-secret.txt');
    rmSync(path.join(folder, '..', 'huff-secret.txt'));
    expect(answer.text).not.toContain('kept inside');
  });
});

test('without a built app the server still stands, and answers 404', async () => {
  await http().get('/').expect(404);
});
