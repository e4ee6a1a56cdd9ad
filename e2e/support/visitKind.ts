import { appendFileSync } from 'node:fs';
import { OnACall } from './onACall';
import { expect, testInEmptyShop } from './test';

/** So many kinds are worked in one run of everything; the next run takes the next ones. */
const IN_TURN = 3;
const KINDS = 18;
const asked = process.env.HUFF_VISITS ?? '0';

/** Whether a kind, 1 to 18, is worked in this run. */
const isInTurn = (number: number): boolean =>
  asked === 'all' || Math.floor((number - 1) / IN_TURN) === Number(asked) % (KINDS / IN_TURN);

/** The most touches to the first useful verdict and to the page that is handed over. May only fall. */
interface Bound {
  readonly first: number;
  readonly end: number;
}

/** One of the eighteen kinds of calls, from the complaint to the page that is handed over. */
export function visitKind(number: number, name: string, most: Bound, work: (tech: OnACall) => Promise<void>): void {
  if (!isInTurn(number)) return;
  testInEmptyShop(`visit ${number}: ${name}`, async ({ page }) => {
    const tech = new OnACall(page);
    await work(tech);
    const { first, end } = tech;
    if (!first || !end) throw new Error('This visit came to no verdict, or to no page.');
    const told = { number, name, first, end, most };
    if (process.env.HUFF_VISITS_OUT) appendFileSync(process.env.HUFF_VISITS_OUT, `${JSON.stringify(told)}\n`);
    expect(first.touches, 'touches to the first useful verdict').toBeLessThanOrEqual(most.first);
    expect(end.touches, 'touches to the end').toBeLessThanOrEqual(most.end);
  });
}
