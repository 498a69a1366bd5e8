import { type Liquid, waterDensityKgPerM3 } from "../fluids";

/** Time's weight on 1/18μ, and on that times the oil's and the water's density: what every class's fall is made of. */
export interface Thinness {
  thin: number;
  oil: number;
  water: number;
}

const COLDEST = -40;
/** Cubic through nodes this far apart is within 1e-7 of the oil's own curve, warm or cold. */
const STEP_K = 0.5;
/** Past the last node below water's boil the curves are asked themselves. */
const WARMEST = 98;
const NODES = Math.round((WARMEST - COLDEST) / STEP_K) + 1;

/** Below freezing the drops are ice or super-cooled; the curve's end value serves for both. NaN over the boil. */
const waterKgPerM3 = (celsius: number): number =>
  celsius > 100 ? Number.NaN : waterDensityKgPerM3(Math.max(celsius, -5));

/**
 * An oil's thinness by temperature, remembered at nodes half a kelvin apart: a season of hourly temperatures asks for
 * thousands of values within a few kelvin, and a mix's viscosity is dear.
 */
export class ThinnessTable {
  private readonly known = new Uint8Array(NODES);
  private readonly thin = new Float64Array(NODES);
  private readonly oilTimes = new Float64Array(NODES);
  private readonly waterTimes = new Float64Array(NODES);

  constructor(private readonly oil: Liquid) {}

  /** Adds the oil's own values at a temperature, so many hours of them. */
  addExactly(sums: Thinness, celsius: number, hours: number): void {
    const thin = hours / (18 * this.oil.viscosityPaS(celsius));
    sums.thin += thin;
    sums.oil += thin * this.oil.kgPerM3(celsius);
    sums.water += thin * waterKgPerM3(celsius);
  }

  /** The same between nodes, by the cubic through the four nearest. */
  addAbout(sums: Thinness, celsius: number, hours: number): void {
    if (!(celsius >= COLDEST && celsius <= WARMEST)) {
      this.addExactly(sums, celsius, hours);
      return;
    }
    const at = (celsius - COLDEST) / STEP_K;
    const k = Math.min(NODES - 4, Math.max(0, Math.floor(at) - 1));
    for (let node = k; node < k + 4; node++) if (this.known[node] === 0) this.learn(node);
    const u = at - k;
    const w0 = (-hours * (u - 1) * (u - 2) * (u - 3)) / 6;
    const w1 = (hours * u * (u - 2) * (u - 3)) / 2;
    const w2 = (-hours * u * (u - 1) * (u - 3)) / 2;
    const w3 = (hours * u * (u - 1) * (u - 2)) / 6;
    sums.thin += cubic(this.thin, k, w0, w1, w2, w3);
    sums.oil += cubic(this.oilTimes, k, w0, w1, w2, w3);
    sums.water += cubic(this.waterTimes, k, w0, w1, w2, w3);
  }

  private learn(node: number): void {
    const here: Thinness = { thin: 0, oil: 0, water: 0 };
    this.addExactly(here, COLDEST + node * STEP_K, 1);
    this.thin[node] = here.thin;
    this.oilTimes[node] = here.oil;
    this.waterTimes[node] = here.water;
    this.known[node] = 1;
  }
}

const cubic = (y: Float64Array, k: number, w0: number, w1: number, w2: number, w3: number): number =>
  w0 * (y[k] as number) + w1 * (y[k + 1] as number) + w2 * (y[k + 2] as number) + w3 * (y[k + 3] as number);
