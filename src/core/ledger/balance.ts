import { type ComponentId, kgOf } from "../fluids";
import { type AccountName, CHANGE_ACCOUNT, enteredLitres, IN_ACCOUNTS, OUT_ACCOUNTS } from "./accounts";
import type { YardState } from "./state";

/** Litres in, litres out. `gapLitres` is what does not close: rounding, or a bug. */
export interface Balance {
  readonly in: Record<(typeof IN_ACCOUNTS)[number], number>;
  readonly out: Record<(typeof OUT_ACCOUNTS)[number], number>;
  readonly standing: number;
  /** What litres that became others shrank by; the kilograms that are not kept in that, nought but for rounding. */
  readonly convertedLitres: number;
  readonly convertedGapKg: number;
  readonly gapLitres: number;
  readonly closes: boolean;
}

const RELATIVE = 1e-9;

export const accountLitres = (yard: YardState, name: AccountName): number => sumOf(yard.accounts[name]);

const sumOf = (litres: readonly number[]): number => {
  let sum = 0;
  for (let i = 0; i < litres.length; i++) sum += litres[i] as number;
  return sum;
};

/** Sums an account; whoever asks again and again passes one that remembers. */
type Sum = (litres: readonly number[]) => number;

/**
 * All vessels + burned + disposed + lost + unaccounted + what shrank by conversion = all that came in, to 1e-9 of it, and
 * conversions keep their kilograms to as much. Litres at 15 °C.
 */
export function balance(yard: YardState, sum: Sum = sumOf): Balance {
  const read = <N extends AccountName>(names: readonly N[]): Record<N, number> =>
    Object.fromEntries(names.map((n) => [n, sum(yard.accounts[n])])) as Record<N, number>;
  const entered = read(IN_ACCOUNTS);
  const left = read(OUT_ACCOUNTS);
  let standing = 0;
  for (const v of yard.vessels.values()) standing += v.contents.total;
  const total = enteredLitres({ in: entered });
  const { litres: convertedLitres, kg: convertedGapKg } = converted(yard);
  const out = left.burned + left.disposed + left.lost + left.unaccounted;
  const gapLitres = total - (standing + out + convertedLitres);
  const slack = RELATIVE * Math.max(1, total);
  return {
    in: entered,
    out: left,
    standing,
    convertedLitres,
    convertedGapKg,
    gapLitres,
    closes: Math.abs(gapLitres) <= slack && Math.abs(convertedGapKg) <= slack,
  };
}

function converted(yard: YardState): { litres: number; kg: number } {
  let litres = 0;
  let kg = 0;
  const account = yard.accounts[CHANGE_ACCOUNT];
  for (let key = 0; key < account.length; key++) {
    const l = account[key] as number;
    if (l === 0) continue;
    litres += l;
    kg += kgOf(yard.parts.component(key), l);
  }
  return { litres, kg };
}

/** An account's litres by what they are and by the batch they came from. */
export function accountBy(
  yard: YardState,
  name: AccountName,
): { byComponent: Map<ComponentId, number>; byOrigin: Map<string, number> } {
  const byComponent = new Map<ComponentId, number>();
  const byOrigin = new Map<string, number>();
  for (const [key, litres] of yard.accounts[name].entries()) {
    if (litres === 0) continue;
    const component = yard.parts.component(key);
    const origin = yard.parts.origins[key] ?? "";
    byComponent.set(component, (byComponent.get(component) ?? 0) + litres);
    byOrigin.set(origin, (byOrigin.get(origin) ?? 0) + litres);
  }
  return { byComponent, byOrigin };
}
