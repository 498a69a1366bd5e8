import { fluidName } from "@/core/fluids";
import type { Draft, RecipePart, VesselId } from "@/core/ledger";
import type { VesselView } from "@/core/readings";
import type { Mixed, Source } from "@/core/readings/blend/plan";
import { heightAtLitres } from "@/core/vessels";

/** One pour of a plan, as a person does it. */
export interface Pour {
  /** Null: bought into the tank at the pump. */
  readonly from: VesselId | null;
  readonly fluid: Source["fluid"];
  readonly what: string;
  readonly litres: number;
  readonly isOil: boolean;
}

/** A pour is measured to a tenth; the thinner's up and the oil's down, so that rounding never makes it too thick. */
const HAIR = 1e-6;
const tenthUp = (litres: number): number => Math.ceil(litres * 10 - HAIR) / 10;
const tenthDown = (litres: number): number => Math.floor(litres * 10 + HAIR) / 10;

/**
 * The pours in their order. Into a tank oil goes first, so that the jet of what follows and the drive mix it; in a can
 * any order will do, and thinner first rinses the can. `share` is one can's of several that are filled alike,
 * and `earlier` are the pours into those before it.
 */
export function poursOf(
  chosen: readonly Source[],
  mixed: Mixed,
  isTank: boolean,
  share = 1,
  earlier: readonly Pour[] = [],
): Pour[] {
  const pours = chosen
    .map((s, i): Pour => {
      const litres = (mixed.litres[i] ?? 0) * share;
      return {
        from: s.vessel,
        fluid: s.fluid,
        what: s.isOil ? "oil" : fluidName(s.fluid).toLowerCase(),
        litres: s.isOil ? tenthDown(litres) : Math.min(tenthUp(litres), leftIn(s, litres, earlier)),
        isOil: s.isOil,
      };
    })
    .filter((p) => p.litres > 0);
  const rank = (p: Pour): number => (p.from === null ? 2 : p.isOil === isTank ? 0 : 1);
  return pours.sort((a, b) => rank(a) - rank(b));
}

/** What a plan empties is poured to the last drop, and not rounded up past it. */
function leftIn(s: Source, litres: number, earlier: readonly Pour[]): number {
  const poured = earlier.reduce((sum, p) => (p.from === s.vessel ? sum + p.litres : sum), 0);
  const left = s.litres - poured;
  // A plan for more than there is says so: it is not cut short here.
  return left >= litres - A_SLIP_LITRES ? left : Number.POSITIVE_INFINITY;
}
/** Rounding up the cans before it took so much more, at most. */
const A_SLIP_LITRES = 1;

/** How high it stands in the receiver when each pour is in, mm up from its bottom inside. */
export function marksOf(target: VesselView, pours: readonly Pour[]): number[] {
  let litres = target.litres;
  return pours.map((p) => {
    litres += p.litres;
    return heightAtLitres(target.vessel, Math.min(litres, target.capacityLitres));
  });
}

/** The level that a drum or can is left at, mm, once so much was poured out of it. */
export const levelAfter = (from: VesselView, litres: number): number =>
  heightAtLitres(from.vessel, Math.max(0, from.litres - litres));

/** The mix by shares of its fluids, as an entry keeps it. */
export function sharesKept(mixed: Mixed): RecipePart[] {
  const sums = new Map<RecipePart["fluid"], number>();
  for (const p of mixed.after) sums.set(p.fluid.id, (sums.get(p.fluid.id) ?? 0) + p.litres / mixed.totalLitres);
  return [...sums]
    .filter(([, share]) => share > LEAST_SHARE)
    .slice(0, MOST_PARTS)
    .map(([fluid, share]) => ({ fluid, share: Math.min(1, Math.round(share * 1e4) / 1e4) }));
}
const LEAST_SHARE = 5e-4;
const MOST_PARTS = 12;

/** What is written for some of the pours: one blend of all that stands here, and what is bought at the pump. */
export function draftsOf(target: VesselView, pours: readonly Pour[], mixed: Mixed): Draft[] {
  const here = pours.flatMap((p) => (p.from === null ? [] : [{ from: p.from, amount: { litres: p.litres } }]));
  const bought = pours.filter((p) => p.from === null);
  return [
    ...(here.length > 0
      ? [
          {
            kind: "blend" as const,
            data: {
              to: target.vessel.id,
              parts: here,
              aim: sharesKept(mixed),
              forecast: { nuMm2PerS: mixed.nuMm2PerS },
            },
          },
        ]
      : []),
    ...bought.map(
      (p): Draft => ({
        kind: "purchase",
        data: { to: target.vessel.id, fluid: p.fluid, amount: { litres: p.litres } },
      }),
    ),
  ];
}

/** How much of a mix goes into each can, one filled after the other, as shares of all of it; empty ones are left out. */
export function sharesOfCans<C extends { readonly litres: number }>(
  cans: readonly C[],
  mixLitres: number,
): { readonly can: C; readonly share: number }[] {
  let left = mixLitres;
  return cans.flatMap((can) => {
    const litres = Math.min(left, can.litres);
    left -= litres;
    return litres > LEAST_LITRES ? [{ can, share: litres / mixLitres }] : [];
  });
}
const LEAST_LITRES = 0.05;

/** The pours of each can: what stood in the one counts to it, several are filled from empty. */
export function poursByCan(
  chosen: readonly Source[],
  mixed: Mixed,
  cans: readonly { readonly vessel: VesselView; readonly litres: number }[],
  isTank: boolean,
): { readonly can: VesselView; readonly pours: readonly Pour[] }[] {
  const shares = cans.length > 1 ? sharesOfCans(cans, mixed.totalLitres) : cans.map((can) => ({ can, share: 1 }));
  const earlier: Pour[] = [];
  return shares.map(({ can, share }) => {
    const pours = poursOf(chosen, mixed, isTank, share, earlier);
    earlier.push(...pours);
    return { can: can.vessel, pours };
  });
}
