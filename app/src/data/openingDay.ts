/**
 * What the page shows before the app is up (app/opening): the last visits as Today said them. Plain words in the browser's small store, because
 * the phone's own store is slow to open. This file is in the opening script too: keep it free of imports.
 */
export interface OpeningVisit {
  readonly id: string;
  readonly title: string;
  readonly startedAt: string;
  readonly headline: string;
}

const KEY = 'huff.day';
const MOST = 8;

const isVisit = (value: unknown): value is OpeningVisit =>
  typeof value === 'object' &&
  value !== null &&
  ['id', 'title', 'startedAt', 'headline'].every(
    (name) => typeof (value as Record<string, unknown>)[name] === 'string',
  );

/** The last visits kept; none where nothing or something odd is kept. */
export function keptDay(): readonly OpeningVisit[] {
  try {
    const kept: unknown = JSON.parse(globalThis.localStorage?.getItem(KEY) ?? '[]');
    return Array.isArray(kept) ? kept.filter(isVisit) : [];
  } catch {
    return [];
  }
}

/** Keeps the first of these for the next opening. */
export function keepDay(visits: readonly OpeningVisit[]): void {
  const kept = visits.slice(0, MOST).map(({ id, title, startedAt, headline }) => ({ id, title, startedAt, headline }));
  try {
    globalThis.localStorage?.setItem(KEY, JSON.stringify(kept));
  } catch {
    // A phone that keeps nothing opens without it.
  }
}

/** Takes the opening away: the app's own page stands. */
export function endOpening(): void {
  globalThis.document?.getElementById('opening')?.remove();
}
