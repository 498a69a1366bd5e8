"use client";
import { isValve, PART_KINDS, partOfPort, portOf, type Rig } from "@/core/driving/rig";
import { Button } from "@/ui";
import { partName, portLabel } from "./faultWords";

/** A tag for every port of a valve, and one for both ends of every hose: to print, cut and tie on. */
export function PortLabels({ rig, vehicle }: { rig: Rig; vehicle: string }) {
  const tags = rig.parts
    .filter((p) => isValve(p) || p.kind === "tank" || p.kind === "injection-pump")
    .flatMap((p) =>
      PART_KINDS[p.kind].ports.flatMap((port) => {
        const here = portOf(p, port);
        const hose = rig.hoses.find((h) => h.from === here || h.to === here);
        if (!hose) return [];
        const there = hose.from === here ? hose.to : hose.from;
        return [{ key: here, says: portLabel(rig, here), goes: `to ${partName(rig, partOfPort(there))}` }];
      }),
    );
  return (
    <section aria-label="Labels for the ports" className="labels mt-3">
      <p className="text-[15px] text-ink-2 print:hidden">
        Print them, cut them out, tie one to each port before the first hose goes on.
      </p>
      <Button className="my-2 print:hidden" onClick={() => window.print()}>
        Print {tags.length} labels
      </Button>
      <ul className="flex flex-wrap gap-2">
        {tags.map((t) => (
          <li key={t.key} className="w-[54mm] border-2 border-ink bg-white px-[2.5mm] py-[1.5mm] text-[#000]">
            <p className="font-plate text-[5mm] leading-tight font-semibold">{t.says}</p>
            <p className="text-[3.4mm] leading-tight">
              {t.goes}. {vehicle}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
