import type { Query } from '../db/db';
import { moment } from '../db/moment';

/** A mail that would be sent. Nothing is sent from here: it is kept to be read. */
export interface Mail {
  readonly id: string;
  readonly kind: 'report' | 'reminder';
  readonly to: string;
  readonly subject: string;
  readonly body: string;
  readonly visitId: string | null;
  readonly unitId: string | null;
  readonly madeAt: string;
}

/** Keeps a mail; one that is kept already stays as it was first said. */
export async function keepMail(query: Query, shopId: string, mail: Omit<Mail, 'madeAt'>): Promise<void> {
  const { id, kind, to, subject, body, visitId, unitId } = mail;
  await query(
    `INSERT INTO mails (id, shop_id, kind, to_address, subject, body, visit_id, unit_id) VALUES ($1, $2, $3, $4, $5, $6, $7, $8)
     ON CONFLICT (shop_id, id) DO NOTHING`,
    [id, shopId, kind, to, subject, body, visitId, unitId],
  );
}

/** The mails of a shop, the newest first, a page of them. */
export const mailsOf = (query: Query, shopId: string, length: number): Promise<Mail[]> =>
  query<Mail & Record<string, unknown>>(
    `SELECT id, kind, to_address AS "to", subject, body, visit_id AS "visitId", unit_id AS "unitId", ${moment('made_at')} AS "madeAt"
     FROM mails WHERE shop_id = $1 ORDER BY made_at DESC, id LIMIT $2`,
    [shopId, length],
  );
