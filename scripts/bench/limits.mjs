import { row } from './median.mjs';

const over = [];

/** A ratio that was measured in one run, held to a limit: `endByLimits` ends with it. */
export function limited(name, ratio, most, digits = 2) {
  row(name, ratio.toFixed(digits), '', `at most ${most}`);
  if (!(ratio <= most)) over.push(`${name}: ${ratio.toFixed(digits)}, at most ${most}`);
}

/** Says which limits were passed, and makes the run fail. */
export function endByLimits() {
  if (over.length === 0) return;
  console.log(`\nOver their limit:\n  ${over.join('\n  ')}`);
  process.exitCode = 1;
}
