import type { VesselView } from "@/core/readings";
import { contentsWords } from "../words/names";
import type { Units } from "../words/units";

/** The drawing in words. */
export function vesselWords(v: VesselView, units: Units): string {
  const parts = [
    `${v.vessel.name}: ${units.litres(v.litres)} of ${units.litres(v.capacityLitres)}, ${contentsWords(v.components)}`,
  ];
  const line = (kind: string, words: string): void => {
    const layer = v.layers.find((l) => l.kind === kind);
    if (layer) parts.push(`${words} up to ${units.mm(layer.toMm)}`);
  };
  line("sludge", "sludge");
  line("water", "water");
  line("fat", "fat");
  const scum = v.layers.find((l) => l.kind === "scum");
  if (scum) parts.push(`scum from ${units.mm(scum.fromMm)}`);
  if (v.settling) parts.push(`draw-off line at ${units.mm(v.settling.drawOffMm)}`);
  return `${parts.join(", ")}.`;
}
