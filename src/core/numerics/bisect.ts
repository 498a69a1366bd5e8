/**
 * The x in [low, high] where a monotone function crosses zero, by bisection to the last bit or so.
 * Bounded at 200 halvings, so it cannot hang. Throws where the ends do not bracket a crossing: that is a bug in the
 * caller, which checks the ends first because "no answer" is an answer of its own.
 */
export function bisect(f: (x: number) => number, low: number, high: number): number {
  let a = low;
  let b = high;
  const fa = f(a);
  if (fa === 0) return a;
  if (f(b) === 0) return b;
  if (Math.sign(fa) === Math.sign(f(b))) throw new Error(`bisect: no crossing between ${low} and ${high}`);
  for (let i = 0; i < 200; i++) {
    const middle = (a + b) / 2;
    if (middle === a || middle === b) break;
    const fm = f(middle);
    if (fm === 0) return middle;
    if (Math.sign(fm) === Math.sign(fa)) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}
