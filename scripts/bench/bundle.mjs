import { encode } from 'jpeg-js';
import { randomBytes, randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { startServer } from '../setup/server.mjs';
import { row } from './median.mjs';
import { p95 } from './phones.mjs';

/** A whole shop with its pictures. */
const MEGABYTES = 100;
const ASK_EVERY_MS = 20;
/** A photo as a phone makes it: 1280 pixels wide, of noise, so that it is as large as they come. */
const PHOTO = { width: 1280, height: 960, quality: 12 };

function photoJpeg() {
  const { width, height, quality } = PHOTO;
  return encode({ width, height, data: randomBytes(width * height * 4) }, quality).data.toString('base64');
}

/** The demo's own file with as many photos of its first visit as fill it, in pieces: it is larger than a text should be. */
function* fileOf(bundle) {
  yield `${JSON.stringify({ ...bundle, photos: undefined }).slice(0, -1)},"photos":[`;
  const [{ id: visitId }] = bundle.visits;
  const jpeg = photoJpeg();
  const small = encode({ width: 64, height: 48, data: Buffer.alloc(64 * 48 * 4, 90) }, 60).data.toString('base64');
  for (let bytes = 0; bytes < MEGABYTES * 1e6; bytes += jpeg.length) {
    const photo = {
      id: randomUUID(),
      visitId,
      item: 'filter',
      savedAt: new Date().toISOString(),
      jpeg,
      smallJpeg: small,
    };
    yield `${bytes === 0 ? '' : ','}${JSON.stringify(photo)}`;
  }
  yield ']}';
}

/** Asks whether the server lives, again and again, until it is stopped. @returns the times, ms */
function watchHealth(url) {
  const times = [];
  let isOver = false;
  const done = (async () => {
    while (!isOver) {
      const from = performance.now();
      await (await fetch(`${url}/api/health`)).arrayBuffer();
      times.push(performance.now() - from);
      await new Promise((go) => setTimeout(go, ASK_EVERY_MS));
    }
  })();
  return {
    async stop() {
      isOver = true;
      await done;
      return times;
    },
  };
}

/** How the server answers while a file of 100 MB is looked through and taken in. */
export async function benchBundle() {
  const folder = mkdtempSync(path.join(tmpdir(), 'huff-bench-'));
  const server = await startServer(folder);
  try {
    const bundle = await (await fetch(`${server.url}/api/bundle?photos=no`)).json();
    const health = watchHealth(server.url);
    const from = performance.now();
    const answer = await fetch(`${server.url}/api/bundle`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: ReadableStream.from(
        (function* () {
          const text = new TextEncoder();
          for (const piece of fileOf(bundle)) yield text.encode(piece);
        })(),
      ),
      duplex: 'half',
    });
    const seconds = (performance.now() - from) / 1000;
    if (!answer.ok) throw new Error(`The bundle was answered ${answer.status}: ${await answer.text()}`);
    const { added } = await answer.json();
    const times = await health.stop();
    row(
      `health while a bundle of ${MEGABYTES} MB is read in`,
      p95(times).toFixed(0),
      'ms',
      `aim: under 50; p95 of ${times.length}, worst ${Math.max(...times).toFixed(0)}; ${added.photos} photos in ${seconds.toFixed(0)} s; peak ${server.peakMB().toFixed(0)} MB`,
    );
  } finally {
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
