import type { PhotoDto } from '@huff/contract';
import { subjectOf, type PhotoSubject } from '@huff/contract/spine';
import type { Query } from '../db/db';
import { moment } from '../db/moment';
import { conflict, notFound } from '../http/problems';
import type { Sender } from '../records/sender';
import { partsByVisit, type PartTable } from '../visits/partsByVisit';

export type PhotoSize = 'small' | 'full';

const PHOTOS: PartTable = {
  table: 'photos',
  fields: { id: 'id', visitId: 'visit_id', item: 'item', savedAt: moment('saved_at') },
  order: 'saved_at, id',
};

/** What photos visits have, in the order they were taken, without the pictures. @param after only those added since this revision */
export const photosOf = (query: Query, shopId: string, visitIds: readonly string[], after = -1) =>
  partsByVisit<PhotoDto>(query, PHOTOS, shopId, visitIds, after);

/** The column that says which record a photo belongs to. */
const SUBJECT_COLUMN = { visit: 'visit_id', unit: 'unit_id', blowerTable: 'blower_table_id' } as const;

/** A photo as it is told without its picture, with what it belongs to. */
export const PHOTO_FIELDS = `p.id, p.visit_id AS "visitId", p.unit_id AS "unitId", p.blower_table_id AS "blowerTableId",
  p.item, ${moment('p.saved_at')} AS "savedAt"`;

type PhotoRow = PhotoDto & Record<string, unknown>;

/** Without the fields of what it does not belong to. */
export const toldPhoto = ({ visitId, unitId, blowerTableId, ...photo }: PhotoRow): PhotoDto => ({
  ...photo,
  ...(visitId ? { visitId } : {}),
  ...(unitId ? { unitId } : {}),
  ...(blowerTableId ? { blowerTableId } : {}),
});

/** The picture; a photo of before there were two sizes has the full one alone. */
export async function imageOf(query: Query, shopId: string, id: string, size: PhotoSize): Promise<Buffer> {
  const [row] = await query<{ jpeg: Uint8Array }>(
    `SELECT jpeg FROM photo_bytes WHERE shop_id = $1 AND photo_id = $2 AND size IN ($3, 'full')
     ORDER BY size <> $3 LIMIT 1`,
    [shopId, id, size],
  );
  if (!row) throw notFound('photo');
  return Buffer.from(row.jpeg);
}

/** Both sizes of a picture as a photo is sent with them. */
export async function picturesOf(
  query: Query,
  shopId: string,
  id: string,
): Promise<Pick<PhotoDto, 'jpeg' | 'smallJpeg'>> {
  const rows = await query<{ size: PhotoSize; jpeg: Uint8Array }>(
    'SELECT size, jpeg FROM photo_bytes WHERE shop_id = $1 AND photo_id = $2',
    [shopId, id],
  );
  const base64 = (size: PhotoSize) => {
    const row = rows.find((one) => one.size === size);
    return row && Buffer.from(row.jpeg).toString('base64');
  };
  const small = base64('small');
  return { jpeg: base64('full'), ...(small ? { smallJpeg: small } : {}) };
}

/**
 * Keeps a photo; one that is here already is left as it is.
 *
 * @returns whether it is new
 * @throws ProblemError 409 when its id stands for another picture
 */
export async function addPhoto(query: Query, { author }: Sender, revision: number, photo: PhotoDto): Promise<boolean> {
  const { shopId, personId } = author;
  const full = Buffer.from(photo.jpeg!, 'base64');
  const subject: PhotoSubject = subjectOf(photo)!;
  const column = SUBJECT_COLUMN[subject.kind];
  const added = await query(
    `INSERT INTO photos (id, shop_id, written_by, ${column}, item, saved_at, revision)
     VALUES ($1, $2, $3, $4, $5, $6, $7) ON CONFLICT (shop_id, id) DO NOTHING RETURNING id`,
    [photo.id, shopId, personId, subject.id, photo.item, photo.savedAt, revision],
  );
  if (added.length === 0) {
    const [stored] = await query<{ subjectId: string | null; item: string }>(
      `SELECT ${column} AS "subjectId", item FROM photos WHERE shop_id = $1 AND id = $2`,
      [shopId, photo.id],
    );
    const kept = await imageOf(query, shopId, photo.id, 'full');
    if (stored?.subjectId === subject.id.toLowerCase() && stored.item === photo.item && kept.equals(full)) return false;
    const message = 'A photo is never changed. Send another one with a new id.';
    throw conflict(message, [{ field: 'record.id', message }]);
  }
  const sizes: [PhotoSize, Buffer][] = [['full', full]];
  if (photo.smallJpeg) sizes.push(['small', Buffer.from(photo.smallJpeg, 'base64')]);
  for (const [size, jpeg] of sizes)
    await query('INSERT INTO photo_bytes (shop_id, photo_id, size, jpeg) VALUES ($1, $2, $3, $4)', [
      shopId,
      photo.id,
      size,
      jpeg,
    ]);
  return true;
}

/** The photos of a unit and of its visits, the newest first, without the pictures. */
export async function photosOfUnit(query: Query, shopId: string, unitId: string): Promise<PhotoDto[]> {
  const rows = await query<PhotoRow>(
    `SELECT ${PHOTO_FIELDS} FROM photos p
     WHERE p.shop_id = $1 AND (p.unit_id = $2
       OR p.visit_id IN (SELECT v.id FROM visits v WHERE v.shop_id = $1 AND v.unit_id = $2))
     ORDER BY p.saved_at DESC, p.id LIMIT 60`,
    [shopId, unitId],
  );
  return rows.map(toldPhoto);
}

/** The paper that a blower table was read from, the newest first, without the pictures. */
export async function photosOfTable(query: Query, shopId: string, tableId: string): Promise<PhotoDto[]> {
  const rows = await query<PhotoRow>(
    `SELECT ${PHOTO_FIELDS} FROM photos p
     WHERE p.shop_id = $1 AND p.blower_table_id = $2 ORDER BY p.saved_at DESC, p.id LIMIT 60`,
    [shopId, tableId],
  );
  return rows.map(toldPhoto);
}
