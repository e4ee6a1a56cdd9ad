import { brokenText } from '@huff/contract/sync';
import { Router } from 'express';
import type { Db } from '../db/db';
import { authorOf } from '../http/author';
import { invalid } from '../http/problems';
import { search, SEARCH_LIMITS } from './search';

/** Finding sites and units: for other programs, and for a phone that does not hold them. */
export function searchRoutes(db: Db): Router {
  return Router().get('/', async (req, res) => {
    const { q } = req.query;
    const { min, max } = SEARCH_LIMITS.textLength;
    const text = typeof q === 'string' ? q.trim() : '';
    if (text.length < min || text.length > max || brokenText(text))
      throw invalid([{ field: 'q', message: `Say what to find in ${min} to ${max} characters.` }]);
    res.json({ found: await search(db.query, authorOf(req).shopId, text) });
  });
}
