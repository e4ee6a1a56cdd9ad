import { median, middleOf, type TextLine } from '../words';
import type { GridColumn } from './head';

/** Horsepower as it is printed: two places, seldom over 20. Its point may be too small to be read. */
const HORSEPOWER = /^\D?(?:\d{0,2}[.,]\d{2}|[0Oo©]\d{2})$/;
/** What is printed over it. */
const POWER_HEAD = /^.?HP$/i;
/** So many rows, or columns, say that it is there. (J) */
const LEAST_SHARE = 0.5;
/** Figures under a static, where two are printed. (J) */
const TWO_EACH = 1.6;

/** The figures under each static of a line, from left to right. */
function pairsOf({ words }: TextLine, head: readonly GridColumn[], pitch: number): number[][] {
  const figures = words.filter(({ text }) => /\d/.test(text)).map(({ box }) => middleOf(box).x);
  return head.map(({ x }) => figures.filter((one) => Math.abs(one - x) < pitch / 2));
}

/**
 * The columns of a belt drive’s table, which has RPM and horsepower under each static; undefined for a table of airflows.
 *
 * @param head the statics: each is over a pair
 * @param lines what is under them
 */
export function withHorsepower(head: readonly GridColumn[], lines: readonly TextLine[]): GridColumn[] | undefined {
  const pitch = median(head.slice(1).map(({ x }, i) => x - head[i]!.x));
  const least = LEAST_SHARE * head.length;
  const rows = lines
    .map((line) => ({ line, pairs: pairsOf(line, head, pitch) }))
    .filter(({ pairs }) => pairs.filter((one) => one.length > 0).length >= least);
  if (rows.length < 2) return undefined;
  const isSaid = lines.some(({ words }) => words.filter(({ text }) => POWER_HEAD.test(text)).length >= least);
  const hasPower = (words: TextLine['words']) => words.filter(({ text }) => HORSEPOWER.test(text)).length >= least;
  const withPower = rows.filter(({ line }) => hasPower(line.words)).length;
  const isTwoEach = median(rows.map(({ pairs }) => pairs.flat().length)) >= TWO_EACH * head.length;
  if (!isSaid && withPower < LEAST_SHARE * rows.length && !isTwoEach) return undefined;
  return head.flatMap(({ printed, isRead, x }, j) => {
    const whole = rows.flatMap(({ pairs }) => (pairs[j]!.length === 2 ? [pairs[j]!] : []));
    const at = (k: 0 | 1, usual: number) => (whole.length > 0 ? median(whole.map((pair) => pair[k]!)) : usual);
    return [
      { printed, isRead, x: at(0, x - pitch / 4), kind: 'rpm' as const },
      { printed, isRead, x: at(1, x + pitch / 4), kind: 'bhp' as const },
    ];
  });
}
