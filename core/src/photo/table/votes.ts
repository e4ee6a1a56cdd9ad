/** One reading of one cell. */
export interface CellVote {
  readonly digits: string;
  /** 0 to 100, as the engine has it. */
  readonly confidence: number;
}

/** What several readings of a cell come to. */
export interface VotedCell {
  /** What most of them say; undefined where none read a figure. */
  readonly digits?: string;
  /** Every figure that was read, likeliest first, with its share of the votes. */
  readonly candidates: readonly { readonly digits: string; readonly share: number }[];
  /** All readings say the same. */
  readonly isUnanimous: boolean;
  /** 0 to 100: the surest reading of the winner. */
  readonly confidence: number;
}

/** A reading that the engine is not sure of counts for less; never for nothing. */
const weightOf = ({ confidence }: CellVote) => 0.3 + confidence / 100;

/**
 * Counts the readings of a cell.
 *
 * @param asked how many readings there were: one that read nothing is not unanimous
 */
export function voted(votes: readonly CellVote[], asked: number): VotedCell {
  const sums = new Map<string, number>();
  for (const vote of votes) sums.set(vote.digits, (sums.get(vote.digits) ?? 0) + weightOf(vote));
  const total = [...sums.values()].reduce((sum, one) => sum + one, 0);
  const candidates = [...sums].sort((a, b) => b[1] - a[1]).map(([digits, sum]) => ({ digits, share: sum / total }));
  const digits = candidates[0]?.digits;
  return {
    digits,
    candidates,
    isUnanimous: candidates.length === 1 && votes.length >= asked,
    confidence: Math.max(0, ...votes.filter((vote) => vote.digits === digits).map(({ confidence }) => confidence)),
  };
}
