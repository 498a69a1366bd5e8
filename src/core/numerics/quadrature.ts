const NODE = Math.sqrt(3 / 5);

/**
 * Walks the nodes of three-point Gauss–Legendre on equal panels of [from, to], each with its weight in x's own unit:
 * Σ weight·f(x) is ∫f, exact for fifth-degree pieces. For several integrals over one walk.
 */
export function forEachNode(
  from: number,
  to: number,
  panels: number,
  visit: (x: number, weight: number) => void,
): void {
  const width = (to - from) / panels;
  const reach = (NODE * width) / 2;
  const outer = (5 * width) / 18;
  const inner = (8 * width) / 18;
  for (let i = 0; i < panels; i++) {
    const middle = from + (i + 0.5) * width;
    visit(middle - reach, outer);
    visit(middle, inner);
    visit(middle + reach, outer);
  }
}
