import express, { Router } from 'express';
import { existsSync } from 'node:fs';
import path from 'node:path';

/** Serves the built app: files with a content hash for ever, the rest asked for anew each time. */
export function webApp(folder: string): Router {
  const router = Router();
  if (!existsSync(path.join(folder, 'index.html'))) return router;
  router.use(
    express.static(folder, {
      setHeaders: (res, file) => {
        const hashed = /[/\\](_expo|assets)[/\\]/.test(file);
        res.setHeader('Cache-Control', hashed ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    }),
  );
  // The app finds its own pages: any other address gets its first page. A file that is missing is missing.
  router.get('/{*path}', ({ path: address }, res, next) => {
    if (/^\/(_expo|assets)\/|\.\w{1,8}$/.test(address)) {
      next();
      return;
    }
    res.set('Cache-Control', 'no-cache').sendFile('index.html', { root: folder });
  });
  return router;
}
