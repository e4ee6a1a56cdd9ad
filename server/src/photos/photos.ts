import type { PhotoDto } from '@huff/contract';
import type { Db } from '../db/db';
import { moment } from '../db/moment';
import type { Author } from '../http/author';
import { conflict, invalid, notFound } from '../http/problems';

/** How many the list gives, newest first. */
const LIST_LENGTH = 300;

type PhotoRow = PhotoDto & Record<string, unknown>;

export function photosOn(db: Db) {
  return {
    /** What photos there are, without the pictures. */
    list: ({ shopId }: Author): Promise<PhotoDto[]> =>
      db.query<PhotoRow>(
        `SELECT id, visit_id AS "visitId", item, ${moment('saved_at')} AS "savedAt"
         FROM photos WHERE shop_id = $1 ORDER BY saved_at DESC, id LIMIT ${LIST_LENGTH}`,
        [shopId],
      ),

    async image({ shopId }: Author, id: string): Promise<Buffer> {
      const [row] = await db.query<{ jpeg: Uint8Array }>('SELECT jpeg FROM photos WHERE shop_id = $1 AND id = $2', [
        shopId,
        id,
      ]);
      if (!row) throw notFound('photo');
      return Buffer.from(row.jpeg);
    },

    /** Keeps a photo; one that is here already is left as it is. */
    async put({ shopId, personId }: Author, photo: PhotoDto): Promise<void> {
      if (!photo.jpeg) throw invalid([{ field: 'jpeg', message: 'Send the picture as a JPEG in base64.' }]);
      await db.query(
        `INSERT INTO photos (id, shop_id, written_by, visit_id, item, saved_at, jpeg)
         VALUES ($1, $2, $3, $4, $5, $6, $7) ON CONFLICT (id) DO NOTHING`,
        [photo.id, shopId, personId, photo.visitId, photo.item, photo.savedAt, Buffer.from(photo.jpeg, 'base64')],
      );
      const [stored] = await db.query<{ shopId: string }>('SELECT shop_id AS "shopId" FROM photos WHERE id = $1', [
        photo.id,
      ]);
      if (stored?.shopId !== shopId) throw conflict('This id is taken. Save it again under a new one.');
    },
  };
}
