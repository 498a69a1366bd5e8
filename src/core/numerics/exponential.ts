const TERMS = 14;

/**
 * e^(A·t) of a square matrix, row by row in one array, whose entries off the diagonal are not below nought, as rates
 * between stores are. The diagonal's largest is taken out first, so that every sum is of like signs; then a series on
 * t/2^s, squared s times. For some tens of rows, many times a second: that is why no package multiplies here.
 */
export function exponential(a: Float64Array, n: number, t: number): Float64Array {
  let most = 0;
  for (let i = 0; i < n; i++) most = Math.max(most, -(a[i * n + i] ?? 0));
  const squarings = Math.max(0, Math.ceil(Math.log2(Math.max(1e-9, 2 * most * t))) + 1);
  const h = t / 2 ** squarings;
  const lifted = a.map((v, at) => (v + (at % (n + 1) === 0 ? most : 0)) * h);
  const one = new Float64Array(n * n);
  for (let i = 0; i < n; i++) one[i * n + i] = 1;
  let term = one;
  let sum = one.slice();
  for (let k = 1; k <= TERMS; k++) {
    term = product(term, lifted, n).map((v) => v / k);
    sum = sum.map((v, at) => v + (term[at] ?? 0));
  }
  const back = Math.exp(-most * h);
  sum = sum.map((v) => v * back);
  for (let s = 0; s < squarings; s++) sum = product(sum, sum, n);
  return sum;
}

function product(a: Float64Array, b: Float64Array, n: number) {
  const c = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let k = 0; k < n; k++) {
      const by = a[i * n + k] as number;
      if (by === 0) continue;
      for (let j = 0; j < n; j++) c[i * n + j] = (c[i * n + j] as number) + by * (b[k * n + j] as number);
    }
  return c;
}
