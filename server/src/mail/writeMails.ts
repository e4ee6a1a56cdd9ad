import type { DueItem } from '@huff/contract';
import { documentText, visitDocument } from '@huff/paper';
import { v5 as uuidOf } from 'uuid';
import type { Query } from '../db/db';
import { dueOf } from '../due/due';
import { documentSource } from '../reports/documentSource';
import { keepMail } from './mails';

/** A mail's id comes from what it is for: written twice it is one. */
const NAMESPACE = '6d61696c-0000-4000-8000-000000000000';
/** So long before the day somebody is reminded. */
const AHEAD_DAYS = 10;
/** What was due longer ago than this is told in person, not by mail. */
const LATE_DAYS = 60;

/** Reports that were asked for at the end of visits: of each visit what was agreed last. */
export async function writeReportMails(
  query: Query,
  shopId: string,
  visitIds: readonly string[],
  origin: string,
): Promise<void> {
  const asked = await query<{ visitId: string; to: string | null }>(
    `SELECT DISTINCT ON (visit_id) visit_id AS "visitId", inputs->>'mailTo' AS "to" FROM facts
     WHERE shop_id = $1 AND kind = 'handOver' AND visit_id = ANY ($2::uuid[]) ORDER BY visit_id, taken_at DESC, revision DESC`,
    [shopId, visitIds],
  );
  for (const { visitId, to } of asked) {
    if (to === null) continue;
    const id = uuidOf(`report ${visitId} ${to.toLowerCase()}`, NAMESPACE);
    const [there] = await query('SELECT 1 FROM mails WHERE shop_id = $1 AND id = $2', [shopId, id]);
    if (there) continue;
    const source = await documentSource(query, shopId, visitId, { zone: 'UTC', origin });
    const { title, under, owner } = visitDocument(source);
    const body = [
      `${title}\n${under}`,
      documentText(owner),
      `The whole report, with every reading: ${origin}/api/visits/${visitId}/report.pdf`,
    ].join('\n\n');
    await keepMail(query, shopId, {
      id,
      kind: 'report',
      to,
      subject: `Report: ${[source.unit?.name ?? source.visit.title, source.site?.name].filter(Boolean).join(', ')}`,
      body,
      visitId,
      unitId: source.unit?.id ?? null,
    });
  }
}

const dayWords = (on: string) =>
  new Date(`${on}T12:00:00Z`).toLocaleDateString('en-US', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: 'UTC',
  });

function reminderBody({ why, unit, site, on, kind, sigmaDays }: DueItem, contact: string | null): string {
  const day = dayWords(on);
  const what =
    kind === 'return'
      ? `As agreed at our last visit, ${unit} at ${site} is due on ${day}: ${why}.`
      : kind === 'filter'
        ? `By its readings, the filter of ${unit} at ${site} will be full about ${day}, give or take ${sigmaDays ?? 0} days.`
        : `${unit} at ${site} is due for its maintenance about ${day}.`;
  return `${contact ? `Dear ${contact}` : 'Good day'},\n\n${what}\nTell us if that day does not suit.`;
}

/** Reminders of what comes due within days, to sites whose address is known. @param now ISO time */
export async function writeReminders(query: Query, shopId: string, now: Date): Promise<void> {
  const day = (days: number) => new Date(now.getTime() + days * 86_400_000).toISOString().slice(0, 10);
  const due = (await dueOf(query, shopId)).filter(({ on }) => on <= day(AHEAD_DAYS) && on >= day(-LATE_DAYS));
  const sites = await query<{ id: string; email: string; contact: string | null }>(
    'SELECT id, email, contact FROM sites WHERE shop_id = $1 AND email IS NOT NULL AND archived_at IS NULL',
    [shopId],
  );
  const bySite = new Map(sites.map((site) => [site.id, site]));
  for (const item of due) {
    const site = bySite.get(item.siteId);
    if (!site) continue;
    // The day of a filter moves with each visit: one reminder a month is enough.
    const when = item.kind === 'filter' ? item.on.slice(0, 7) : item.on;
    await keepMail(query, shopId, {
      id: uuidOf(`reminder ${item.unitId} ${item.kind} ${when}`, NAMESPACE),
      kind: 'reminder',
      to: site.email,
      subject: `${item.why}: ${item.unit}, ${item.site}`,
      body: reminderBody(item, site.contact),
      visitId: null,
      unitId: item.unitId,
    });
  }
}
