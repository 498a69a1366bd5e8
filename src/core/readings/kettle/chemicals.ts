import type { ComponentId } from "../../fluids";
import { type Base, kgIn, OF_BASE } from "../../kettle";
import type { VesselView } from "../vessel/vesselView";
import { potIn } from "./pots";

/** One pack, bottle or drum of a chemical as it stands. */
export interface Chemical {
  readonly vessel: VesselView;
  readonly is: ComponentId;
  readonly kg: number;
  /** By what is in it (methanol and water), else by its label; null where nobody has said. */
  readonly purity: number | null;
  readonly expired: boolean;
}

const SOME_LITRES = 0.001;

/** What a kettle is fed from: the mass of each that is most of its vessel. */
export function chemicalsIn(vessels: readonly VesselView[], at: string): readonly Chemical[] {
  return vessels.flatMap((vessel): Chemical[] => {
    const [main] = vessel.components;
    if (vessel.vessel.role !== "chemical" || !main || vessel.litres < SOME_LITRES) return [];
    const pot = potIn(vessel);
    const { pack } = vessel.vessel;
    const methanol = kgIn(pot, "methanol");
    const all = [...pot.values()].reduce((sum, kg) => sum + kg, 0);
    return [
      {
        vessel,
        is: main.component,
        kg: all,
        purity: main.component === "methanol" ? methanol / all : (pack?.purity ?? null),
        expired: pack?.expiresAt !== undefined && pack.expiresAt < at,
      },
    ];
  });
}

/** Litres of methanol that are kept here, wherever they stand. */
export const methanolLitresKept = (vessels: readonly VesselView[]): number =>
  vessels.reduce(
    (sum, v) => sum + v.components.reduce((l, c) => (c.component === "methanol" ? l + c.litres : l), 0),
    0,
  );

/** The pack to weigh from: in date before out of date, the most of it first. */
export function packOf(chemicals: readonly Chemical[], is: ComponentId): Chemical | undefined {
  return chemicals.filter((c) => c.is === is).sort((a, b) => Number(a.expired) - Number(b.expired) || b.kg - a.kg)[0];
}

export const lyePack = (chemicals: readonly Chemical[], base: Base): Chemical | undefined =>
  packOf(chemicals, OF_BASE[base].lye);
