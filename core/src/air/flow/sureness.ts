/** How sure the readings behind a system are: one standard deviation each. */
export interface Sureness {
  /** Of the airflow, as a share: common to everything the visit says. */
  readonly flowShare: number;
  /** Of the external static, in. w.c. */
  readonly staticInWc: number;
  /** The airflow was read from the table at this static: another static would have been another airflow. */
  readonly byBook?: boolean;
  /** How far the air may lie under the table because the fan is doubted, as a share; it is in `flowShare` as well. */
  readonly doubtShare?: number;
  /** How likely a fan doubted so is really that much less, 0 to 1; plans of before have none. */
  readonly sickOdds?: number;
  /** Of the table's own airflow for a fan without anything wrong, as a share; absent where no table was used. */
  readonly bookShare?: number;
}

/** How an airflow that differs from the table is split between what was seen wrong with the fan and the table itself. */
export interface Split {
  /** The part of the difference that belongs to what was seen, 0 to 1. */
  readonly seen: number;
  /** One standard deviation of what remains open between the two, as a share of the airflow. */
  readonly sigmaShare: number;
}

/**
 * Splits a difference between an airflow and the table less an assumed loss. Two errors add up to it, the size of the loss and the table's own; the
 * likeliest split goes by their variances. Without a table the airflow says nothing of the loss.
 *
 * @param lossSigma one σ of the assumed loss, as a share of the airflow
 * @param bookShare one σ of the table's airflow, as a share
 * @source conditional mean and variance of one of two normal errors whose sum is known
 * @example splitOf(0.06, 0.1) // { seen: 0.26, sigmaShare: 0.051 }
 */
export function splitOf(lossSigma: number, bookShare: number | undefined): Split {
  if (!(lossSigma > 0)) return { seen: 0, sigmaShare: 0 };
  if (bookShare === undefined) return { seen: 0, sigmaShare: lossSigma };
  const sum = Math.hypot(lossSigma, bookShare);
  return { seen: (lossSigma / sum) ** 2, sigmaShare: (lossSigma * bookShare) / sum };
}
