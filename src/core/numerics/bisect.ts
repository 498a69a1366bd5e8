const MOST_STEPS = 100;

/**
 * The x in [low, high] where a monotone function crosses zero: a bracketing method that tries inverse quadratic
 * interpolation and falls back on halving (Chandrupatla 1997), to about the last bit, bounded in steps so that it
 * cannot hang. Throws where the ends do not bracket a crossing: that is a bug in the caller, which checks the ends
 * first because "no answer" is an answer of its own.
 */
export function bisect(f: (x: number) => number, low: number, high: number): number {
  let b = low;
  let a = high;
  let c = high;
  let fb = f(b);
  let fa = f(a);
  let fc = fa;
  if (fb === 0) return b;
  if (fa === 0) return a;
  if (Math.sign(fa) === Math.sign(fb)) throw new Error(`bisect: no crossing between ${low} and ${high}`);
  let t = 0.5;
  for (let i = 0; i < MOST_STEPS; i++) {
    const x = a + t * (b - a);
    const fx = f(x);
    if (Math.sign(fx) === Math.sign(fa)) {
      c = a;
      fc = fa;
    } else {
      c = b;
      fc = fb;
      b = a;
      fb = fa;
    }
    a = x;
    fa = fx;
    const best = Math.abs(fa) < Math.abs(fb) ? a : b;
    const bestF = Math.min(Math.abs(fa), Math.abs(fb));
    const width = Math.abs(b - a);
    const smallest = 2 * Number.EPSILON * Math.abs(best);
    if (bestF === 0 || width <= smallest) return best;
    const xi = (a - b) / (c - b);
    const phi = (fa - fb) / (fc - fb);
    t =
      phi ** 2 < xi && (1 - phi) ** 2 < 1 - xi
        ? (fa / (fb - fa)) * (fc / (fb - fc)) + ((c - a) / (b - a)) * (fa / (fc - fa)) * (fb / (fc - fb))
        : 0.5;
    const margin = Math.min(0.5, smallest / width);
    t = Math.min(1 - margin, Math.max(margin, t));
  }
  return Math.abs(fa) < Math.abs(fb) ? a : b;
}
