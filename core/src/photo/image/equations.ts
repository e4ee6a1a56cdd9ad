/** Solves a small system of linear equations; undefined where it has no single answer. */
export function solved(rows: number[][]): number[] | undefined {
  const n = rows.length;
  for (let i = 0; i < n; i += 1) {
    let pivot = i;
    for (let k = i + 1; k < n; k += 1) if (Math.abs(rows[k]![i]!) > Math.abs(rows[pivot]![i]!)) pivot = k;
    if (Math.abs(rows[pivot]![i]!) < 1e-9) return undefined;
    [rows[i], rows[pivot]] = [rows[pivot]!, rows[i]!];
    for (let k = 0; k < n; k += 1) {
      if (k === i) continue;
      const share = rows[k]![i]! / rows[i]![i]!;
      for (let j = i; j <= n; j += 1) rows[k]![j]! -= share * rows[i]![j]!;
    }
  }
  return rows.map((row, i) => row[n]! / row[i]!);
}
