/** What a combination of moves costs in each way that matters; less is better in all of them. */
export interface Burden {
  /** How far from the target, as a share of the way to the end of its band: the nearer, the surer it lands. */
  readonly away: number;
  readonly tespInWc: number;
  readonly minutes: number;
  readonly cost: number;
  /** 1 when heating comes out of its range. */
  readonly heat: number;
  /** 1 when the speed leaves nothing to adjust by. */
  readonly atEnd: number;
}

/** Whether one burden is no worse in any way and better in one. */
export function dominates(a: Burden, b: Burden): boolean {
  return (
    a.away <= b.away &&
    a.tespInWc <= b.tespInWc &&
    a.minutes <= b.minutes &&
    a.cost <= b.cost &&
    a.heat <= b.heat &&
    a.atEnd <= b.atEnd &&
    (a.away < b.away ||
      a.tespInWc < b.tespInWc ||
      a.minutes < b.minutes ||
      a.cost < b.cost ||
      a.heat < b.heat ||
      a.atEnd < b.atEnd)
  );
}

const noWorse = (a: Burden, b: Burden) =>
  a.away <= b.away &&
  a.tespInWc <= b.tespInWc &&
  a.minutes <= b.minutes &&
  a.cost <= b.cost &&
  a.heat <= b.heat &&
  a.atEnd <= b.atEnd;

/** Keeps what nothing dominates, of all that was offered; of equals the first. */
export class Front<T extends { readonly burden: Burden }> {
  private kept: T[] = [];

  /** Whether an offer of this burden would stay; cheap, so that the offer need not be made for most. */
  wants(burden: Burden): boolean {
    const { kept } = this;
    for (let i = 0; i < kept.length; i += 1) {
      if (!noWorse(kept[i]!.burden, burden)) continue;
      // What beats one often beats the next: it goes to the front of the queue.
      if (i > 0) kept.unshift(...kept.splice(i, 1));
      return false;
    }
    return true;
  }

  add(item: T): void {
    this.kept = this.kept.filter((other) => !dominates(item.burden, other.burden));
    this.kept.push(item);
  }

  get items(): readonly T[] {
    return this.kept;
  }
}
