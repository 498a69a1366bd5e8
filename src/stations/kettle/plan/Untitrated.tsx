import type { KitRecipe } from "@/core/kettle";
import type { VesselView } from "@/core/readings";
import { YardLink } from "@/desk";
import { Caution } from "@/ui";

/** Nobody titrated the oil: the way to, and what a kit by its marks cannot know. */
export function Untitrated({ lot, kit }: { lot: VesselView; kit: KitRecipe | null }) {
  return (
    <>
      <p className="mt-2">
        Nobody has titrated it.{" "}
        <YardLink href={`/titrate?vessel=${lot.vessel.id}`} className="font-semibold text-go underline">
          Titrate {lot.vessel.name}
        </YardLink>
      </p>
      {kit ? (
        <div className="mt-2">
          <Caution>
            By the marks of {kit.name}
            {kit.oilKind ? `, for ${kit.oilKind}` : ""}. What nobody can know then: how much of its lye the acid eats,
            whether the oil turns, how much becomes soap. Make a litre first; after the split the methanol test says
            whether it turned.
          </Caution>
        </div>
      ) : null}
    </>
  );
}
