"use client";
import type { VesselView } from "@/core/readings";
import { useNote } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";

const HOW = [
  { how: "carried", name: "Carried" },
  { how: "driven", name: "Driven" },
  { how: "stirred", name: "Stirred" },
  { how: "heated", name: "Heated" },
] as const;

/** One tap: its clock starts again. What was driven takes all aboard with it. */
export function Disturb({ vessel: v }: { vessel: VesselView }) {
  const { view } = useYard();
  const note = useNote();
  const aboard = (): VesselView[] =>
    v.vessel.place === undefined
      ? []
      : view.vessels.filter(
          (o) => o.vessel.place === v.vessel.place && o.vessel.id !== v.vessel.id && o.stirredAt !== null,
        );
  const log = (how: (typeof HOW)[number]["how"]): void => {
    const also = how === "driven" ? aboard() : [];
    const names = [v, ...also].map((o) => o.vessel.name).join(", ");
    note(
      {
        kind: "disturbed",
        data: { vessel: v.vessel.id, how, ...(also.length > 0 && { also: also.map((o) => o.vessel.id) }) },
      },
      `${names} ${also.length > 0 ? "were" : "was"} ${how}: the clock starts again.`,
    );
  };
  return (
    <section aria-labelledby="disturbed-title" className="mt-3">
      <h2 id="disturbed-title" className="text-[15px] font-semibold">
        Disturbed? One tap starts its clock again.
      </h2>
      <div className="mt-1 grid grid-cols-4 gap-1.5">
        {HOW.map(({ how, name }) => (
          <Button key={how} className="px-1! text-[15px]!" onClick={() => log(how)}>
            {name}
          </Button>
        ))}
      </div>
    </section>
  );
}
