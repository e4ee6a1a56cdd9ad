import { build } from 'esbuild';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { pathToFileURL } from 'node:url';
import { row } from './median.mjs';

const SOUGHT = ['unit 7', 'site 12', 'unti 100', 'room', 'roof 3', 'nothing at all'];
const ROUNDS = 40;
const p95 = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)];

async function load() {
  const outfile = path.join(mkdtempSync(path.join(tmpdir(), 'huff-bench-')), 'places.mjs');
  await build({
    entryPoints: ['app/src/features/places/findPlaces.ts'],
    bundle: true,
    format: 'esm',
    platform: 'node',
    outfile,
    logLevel: 'warning',
  });
  return import(pathToFileURL(outfile).href);
}

/** Finding sites and units of a shop of years: at the server, and over what a phone holds. */
export async function benchSearch(url) {
  const times = [];
  for (let i = 0; i < ROUNDS; i += 1) {
    const from = performance.now();
    const answer = await fetch(`${url}/api/search?q=${encodeURIComponent(SOUGHT[i % SOUGHT.length])}`);
    await answer.json();
    if (!answer.ok) throw new Error(`search answered ${answer.status}`);
    times.push(performance.now() - from);
  }
  row('search over 2,000 units at the server', p95(times).toFixed(0), 'ms', 'p95; aim: under 50');
  const { findPlaces } = await load();
  const sites = Array.from({ length: 500 }, (_, i) => ({
    id: `s${i}`,
    name: `Site ${i}`,
    address: `${i} Mole Street`,
  }));
  const units = Array.from({ length: 2000 }, (_, i) => ({
    id: `u${i}`,
    siteId: `s${i % 500}`,
    name: `Unit ${i} ${['roof', 'room', 'attic'][i % 3]}`,
    plate: { model: `AX-${i}` },
  }));
  const places = { sites, units };
  const first = performance.now();
  findPlaces(places, 'unit');
  row(
    'the same on a phone, the index made',
    (performance.now() - first).toFixed(0),
    'ms',
    'once a list; not slowed down',
  );
  const keys = [];
  for (let i = 0; i < ROUNDS; i += 1) {
    const from = performance.now();
    findPlaces(places, SOUGHT[i % SOUGHT.length]);
    keys.push(performance.now() - from);
  }
  row('each key after that', p95(keys).toFixed(1), 'ms', 'p95; not slowed down');
}
