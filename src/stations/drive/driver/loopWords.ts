import { isTurned, isValve, positionOf, type Rig, type Setting } from "@/core/driving/rig";
import type { Ridden } from "@/core/readings/drive/ridden";
import type { Units } from "@/ui/words";
import { positionWords } from "./words";

/** What stands in a part's box under its name: what it does to the fuel now. */
export function notesOf(rig: Rig, now: Ridden, u: Units): Record<string, string> {
  const notes: Record<string, string> = {};
  for (const [id, [from, to]] of Object.entries(now.celsius.parts))
    notes[id] = `${u.celsius(Math.round(from)).replace(/ ?°[CF]$/, "")} to ${u.celsius(Math.round(to))}`;
  for (const p of rig.parts) {
    if (p.kind === "filter")
      notes[p.id] = now.gaugeDropKPa === null ? `${p.ratingUm} µm` : u.pascals(now.gaugeDropKPa * 1000);
    if (p.kind === "injection-pump") notes[p.id] = `burns ${u.litresPerHour(now.plumbed.burnLitresPerMinute * 60)}`;
  }
  return notes;
}

/** Of each valve, where it stands. */
export function valveWordsOf(rig: Rig, setting: Setting): Record<string, string> {
  return Object.fromEntries(
    rig.parts.filter(isValve).map((v) => {
      const control = rig.controls.find((c) => c.id === v.turned.control);
      const stands = control ? positionWords(positionOf(control, setting)) : "";
      const side =
        v.kind === "three-way"
          ? isTurned(rig, v, setting)
            ? "turned"
            : "at rest"
          : isTurned(rig, v, setting)
            ? "open"
            : "shut";
      return [v.id, `${v.name}: ${stands}, ${side}.`];
    }),
  );
}
