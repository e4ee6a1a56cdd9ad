import { NodeFS } from '@electric-sql/pglite/nodefs';
import { fsyncSync } from 'node:fs';

/** What of PGlite's file system is touched here; its own types say nothing of it. */
interface FileSystemModule {
  NODEFS: { stream_ops: { fsync?: (stream: { nfd: number }) => number } };
}

/**
 * The folder of an embedded database, with files that are written through to the disk when the database asks for it. PGlite's own file
 * system lets that request fall: what it calls stored is in the system's cache, which a power cut empties.
 */
export class DurableFs extends NodeFS {
  constructor(
    folder: string,
    private readonly sync: (fd: number) => void = fsyncSync,
  ) {
    super(folder);
  }

  override async init(...[pglite, options]: Parameters<NodeFS['init']>) {
    const { sync } = this;
    const { emscriptenOpts } = await super.init(pglite, options);
    const before = emscriptenOpts.preRun ?? [];
    const writeThrough = (module: unknown) => {
      (module as FileSystemModule).NODEFS.stream_ops.fsync = ({ nfd }) => {
        sync(nfd);
        return 0;
      };
    };
    return {
      emscriptenOpts: { ...emscriptenOpts, preRun: [...(Array.isArray(before) ? before : [before]), writeThrough] },
    };
  }
}
