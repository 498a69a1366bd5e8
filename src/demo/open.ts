import type { Settings } from "@/core/ledger";
import { MS_PER_HOUR } from "@/core/units";
import type { Line } from "./things";
import type { Writer } from "./writer";

/** The first day of a made-up yard: its marks, what stands in it, and fuel to start on. */
export function openYard(w: Writer, lines: readonly Line[], atMs: number, settings: Partial<Settings>): void {
  w.write(atMs, { kind: "settings", data: settings });
  for (const line of lines) {
    for (const data of line.places) w.write(atMs, { kind: "place", data });
    for (const data of line.vessels) w.write(atMs, { kind: "vessel", data });
    for (const data of line.sources) w.write(atMs, { kind: "source", data });
    for (const data of line.bags) w.write(atMs, { kind: "bag", data });
    for (const data of line.vehicles) w.write(atMs, { kind: "vehicle", data });
    const buy = (to: string, fluid: "diesel" | "kerosene" | "canola", litres: number): void =>
      w.write(atMs + MS_PER_HOUR, { kind: "purchase", data: { to: line.id(to), fluid, amount: { litres } } });
    buy("flatbed-diesel", "diesel", 30);
    buy("diesel-can", "diesel", 18);
    buy("kerosene-can", "kerosene", 18);
    buy("tractor-tank", "diesel", 30);
    // The displacement cone's first filling is clean oil that stays tied up.
    buy("cone", "canola", 108);
    buy("ready", "canola", 60);
  }
}
