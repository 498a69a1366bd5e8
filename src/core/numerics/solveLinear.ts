/**
 * x of A·x = b for a square, regular A: elimination with row pivots. For a few dozen unknowns on pages that load nothing
 * else of a matrix package, which is larger than all of the plumbing that asks for this.
 */
export function solveLinear(a: readonly (readonly number[])[], b: readonly number[]): number[] {
  const n = b.length;
  const rows = a.map((row, i) => [...row, b[i] ?? 0]);
  for (let k = 0; k < n; k++) {
    let pivot = k;
    for (let i = k + 1; i < n; i++) if (Math.abs(rows[i]?.[k] ?? 0) > Math.abs(rows[pivot]?.[k] ?? 0)) pivot = i;
    const [high, low] = [rows[k] ?? [], rows[pivot] ?? []];
    rows[k] = low;
    rows[pivot] = high;
    for (let i = k + 1; i < n; i++) {
      const row = rows[i] ?? [];
      const by = (row[k] ?? 0) / (low[k] ?? Number.NaN);
      if (by === 0) continue;
      for (let j = k; j <= n; j++) row[j] = (row[j] ?? 0) - by * (low[j] ?? 0);
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    const row = rows[i] ?? [];
    let rest = row[n] ?? 0;
    for (let j = i + 1; j < n; j++) rest -= (row[j] ?? 0) * (x[j] ?? 0);
    x[i] = rest / (row[i] ?? Number.NaN);
  }
  return x;
}
