/** A time of the cooling season: what the technician knows of the weather before a thermometer is out. */
export interface Season {
  readonly name: string;
  /** Usual outdoor air then, °F. */
  readonly outdoorF: number;
}

/** Mild days are in it: a charge that looks right on one of them may not in July. (J) */
export const SEASONS: readonly Season[] = [
  { name: 'May, the first warm week', outdoorF: 79 },
  { name: 'July, a hot spell', outdoorF: 93 },
  { name: 'September, warm afternoons', outdoorF: 82 },
];
