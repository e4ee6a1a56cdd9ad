import { Router } from 'express';
import type { BackupsBeside } from './backupsBeside';

/** How backups are, and one at once. */
export const backupRoutes = (backups: BackupsBeside): Router =>
  Router()
    .get('/', (_req, res) => {
      res.json(backups.state());
    })
    .post('/', async (_req, res) => {
      await backups.makeNow();
      res.json(backups.state());
    });
