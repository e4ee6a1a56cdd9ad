/** Something that is due at a unit, as the server tells it. */
export interface DueItem {
  readonly unitId: string;
  readonly unit: string;
  readonly siteId: string;
  readonly site: string;
  /** The day, as 2026-12-08. */
  readonly on: string;
  readonly kind: 'return' | 'filter' | 'season';
  /** In words: "Filter", "Belt after run-in". */
  readonly why: string;
  /** How sure the day is, one σ in days; absent where it was agreed. */
  readonly sigmaDays?: number;
}
