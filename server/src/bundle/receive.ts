import type { Request } from 'express';
import { createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { noRoom, ProblemError } from '../http/problems';

/** A shop of years with its photos. */
const MOST_BYTES = 1_000_000_000;

const tooLarge = () =>
  new ProblemError(413, 'Too large', 'A file can hold at most 1 GB. Export site by site and import those.');
const cutOff = () =>
  new ProblemError(400, 'Cut off', 'The file arrived incomplete. Send it again; nothing was changed.');
const packed = () => new ProblemError(415, 'Packed', 'Send the file uncompressed.');

/** What was sent, and what of it was found sound. */
export interface BundleFiles {
  readonly sent: string;
  readonly checked: string;
}

/** Lets so many bytes pass. */
function atMost(most: number): Transform {
  let seen = 0;
  return new Transform({
    transform(chunk: Buffer, _, done) {
      seen += chunk.length;
      if (seen > most) done(tooLarge());
      else done(null, chunk);
    },
  });
}

/**
 * Takes what is sent into a file of its own while something is done with it: it is never whole in memory. The file goes afterwards, whatever came of it.
 *
 * @throws ProblemError 413 where it is too large, 507 where there is no room for it
 */
export async function withReceived<T>(
  req: Request,
  work: (files: BundleFiles) => Promise<T>,
  most: number = MOST_BYTES,
): Promise<T> {
  if ((req.headers['content-encoding'] ?? 'identity') !== 'identity') throw packed();
  if (Number(req.headers['content-length'] ?? 0) > most) throw tooLarge();
  const folder = await mkdtemp(path.join(tmpdir(), 'huff-bundle-'));
  try {
    const files = { sent: path.join(folder, 'sent.json'), checked: path.join(folder, 'checked.ndjson') };
    await pipeline(req, atMost(most), createWriteStream(files.sent)).catch((error: unknown) => {
      const { code } = error as NodeJS.ErrnoException;
      throw code === 'ENOSPC'
        ? noRoom()
        : code === 'ERR_STREAM_PREMATURE_CLOSE' || code === 'ECONNRESET'
          ? cutOff()
          : error;
    });
    return await work(files);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}
