import express, { Router } from 'express';
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { READER_POLICY } from './contentPolicy';

/** The names with which addresses of the app begin, as its build wrote them down; undefined where it did not. */
function pagesOf(folder: string): ReadonlySet<string> | undefined {
  const file = path.join(folder, 'pages.json');
  if (!existsSync(file)) return undefined;
  return new Set(JSON.parse(readFileSync(file, 'utf8')) as string[]);
}

/** Serves the built app: files with a content hash for ever, the rest asked for anew each time. */
export function webApp(folder: string): Router {
  const router = Router();
  if (!existsSync(path.join(folder, 'index.html'))) return router;
  router.use(
    express.static(folder, {
      setHeaders: (res, file) => {
        const isReader = path.relative(folder, file).startsWith(`reader${path.sep}`);
        if (isReader) res.setHeader('Content-Security-Policy', READER_POLICY);
        // Their addresses change with what is in them.
        const hashed = isReader || /[/\\](_expo|assets)[/\\]/.test(file);
        res.setHeader('Cache-Control', hashed ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    }),
  );
  const pages = pagesOf(folder);
  // The app finds its own pages: their addresses get its first page. A file that is missing is missing.
  router.get('/{*path}', ({ path: address }, res, next) => {
    const [, first = ''] = address.split('/');
    const isPage = first === '' || pages === undefined || pages.has(first);
    if (/^\/(_expo|assets)\/|\.\w{1,8}$/.test(address)) {
      next();
      return;
    }
    // A person is told by the app's own page; a probe by the status.
    if (!isPage) res.status(404);
    res.set('Cache-Control', 'no-cache').sendFile('index.html', { root: folder });
  });
  return router;
}
