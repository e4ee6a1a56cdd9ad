import type { NextMeasure } from '../../visit/assess';

/** Where a reading is made, without saying which. */
const WHERE: Readonly<Partial<Record<NextMeasure['kind'], string>>> = {
  port: 'a port on the drawing that you have not read',
  drop: 'the thermometers',
  method: 'a second way to measure the airflow',
  airflow: 'a second way to measure the airflow',
  motor: 'the blower motor’s amps',
  rpm: 'how fast the blower turns',
  gauges: 'the outdoor unit and its gauges',
  electrical: 'the meter',
};

/** What a hint is made from: the reading that tells most now. */
export interface HintFacts {
  readonly next: Pick<NextMeasure, 'kind' | 'words' | 'why'>;
  /** What it shows here, in words; absent where that is seen, not read. */
  readonly shows?: string;
}

/** "measure R2", without what a button says before it. */
const plain = (words: string) => words.replace(/^Next: /, '');

/**
 * A hint in three steps: where to look, what it would tell, what it says.
 *
 * @param step 1 to 3
 * @example hintWords(1, { next: { kind: 'drop', … } }) // 'Turn to the thermometers.'
 */
export function hintWords(step: number, { next, shows }: HintFacts): string {
  if (step <= 1) return `Turn to ${WHERE[next.kind] ?? 'something you can see behind a panel'}.`;
  const tells = `Next: ${plain(next.words)}. ${next.why}`;
  return step === 2 ? tells : `Next: ${plain(next.words)}. ${shows === undefined ? next.why : `It shows ${shows}.`}`;
}
