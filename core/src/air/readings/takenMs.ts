/** When something was taken, as it is kept. */
export interface Taken {
  /** ISO 8601, by the phone's clock. */
  readonly takenAt: string;
  /** What to add to it, where that clock was off. */
  readonly clockOffsetMs?: number;
}

/** When something was taken, ms, whatever the phone’s clock said. @example takenMs({ takenAt: '2026-05-12T10:00:00Z', clockOffsetMs: -1000 }) */
export const takenMs = ({ takenAt, clockOffsetMs = 0 }: Taken): number => Date.parse(takenAt) + clockOffsetMs;
