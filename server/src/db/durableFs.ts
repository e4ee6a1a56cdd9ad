import { NodeFS } from '@electric-sql/pglite/nodefs';
import { fsyncSync } from 'node:fs';
import type { WhileDisk } from '../watch/watched';

/** What of PGlite's file system is touched here; its own types say nothing of it. */
interface FileSystemModule {
  NODEFS: {
    stream_ops: Record<string, unknown> & { fsync?: (stream: { nfd: number }) => number };
    node_ops: Record<string, unknown>;
  };
}

type Asked = (...given: unknown[]) => unknown;

/** Tells of each of its functions while it runs. */
function told(operations: Record<string, unknown>, whileDisk: WhileDisk): void {
  for (const [name, ask] of Object.entries(operations)) {
    if (typeof ask !== 'function') continue;
    operations[name] = function (this: unknown, ...given: unknown[]) {
      return whileDisk(() => (ask as Asked).apply(this, given));
    };
  }
}

/**
 * The folder of an embedded database, with files that are written through to the disk when the database asks for it. PGlite's own file
 * system lets that request fall: what it calls stored is in the system's cache, which a power cut empties.
 */
export class DurableFs extends NodeFS {
  constructor(
    folder: string,
    private readonly sync: (fd: number) => void = fsyncSync,
    private readonly whileDisk?: WhileDisk,
  ) {
    super(folder);
  }

  override async init(...[pglite, options]: Parameters<NodeFS['init']>) {
    const { sync, whileDisk } = this;
    const { emscriptenOpts } = await super.init(pglite, options);
    const before = emscriptenOpts.preRun ?? [];
    const writeThrough = (module: unknown) => {
      const { stream_ops: streams, node_ops: nodes } = (module as FileSystemModule).NODEFS;
      streams.fsync = ({ nfd }) => {
        sync(nfd);
        return 0;
      };
      if (!whileDisk) return;
      told(streams, whileDisk);
      told(nodes, whileDisk);
    };
    return {
      emscriptenOpts: { ...emscriptenOpts, preRun: [...(Array.isArray(before) ? before : [before]), writeThrough] },
    };
  }
}
