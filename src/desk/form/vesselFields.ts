import { isFor, rolesFor, type Use } from "@/core/ledger/roles";
import type { VesselView } from "@/core/readings";
import { safeLitres } from "@/core/readings/terms";
import type { YardView } from "@/core/view";
import type { Option } from "@/ui";
import { mostlyWords, standingDays, type Units, unitsOf } from "@/ui/words";
import type { Adds, Field, Values } from "./verb";

export const roomIn = (v: VesselView): number => Math.max(0, v.capacityLitres - v.litres);
/** What is offered first goes no higher than is safe; more may still be typed. */
export const safeRoomIn = (v: VesselView): number => Math.max(0, safeLitres(v.vessel) - v.litres);
export const vesselOf = (view: YardView, id: string): VesselView | undefined =>
  view.vessels.find((v) => v.vessel.id === id);

/** What the raw containers for engine oil are called apart from the others by. */
const apartWords = (v: VesselView): string => (v.vessel.apart ? ", for engine oil" : "");

/** None is missing that cannot be added right there, for what it is wanted for. */
const adds = (use: Use): Adds => {
  const [role = "raw"] = rolesFor(use);
  return { verb: "add-vessel", name: "Add a container", given: () => ({ role }) };
};

const option = (v: VesselView, now: string, units: Units): Option => ({
  value: v.vessel.id,
  name: v.vessel.name,
  detail:
    v.litres < 0.05
      ? `empty, ${units.litres(v.capacityLitres)}${apartWords(v)}`
      : // Topping up starts a settling clock again: its age belongs where one chooses.
        `${units.litres(v.litres)} ${mostlyWords(v.components)}${v.settling && v.stirredAt ? `, ${standingDays(v.stirredAt, now)}` : ""}`,
});

/** A vessel with something in it, those of a role for this use first. */
export const fromField = (label: string, use: Use, first?: (v: VesselView[]) => VesselView | undefined): Field => ({
  kind: "choice",
  name: "from",
  label,
  adds: adds(use),
  options: (view) => inOrder(view, use, (v) => v.litres > 0.05).map((v) => option(v, view.at, unitsOf(view.settings))),
  first: (view) => {
    const candidates = inOrder(view, use, (v) => v.litres > 0.05 && isFor(v.vessel.role, use));
    return (first?.(candidates) ?? candidates[0])?.vessel.id;
  },
});

/** Whether a vessel is meant for what is to be poured; one that is not may still be chosen, but never by itself. */
type Meant = (v: VesselView, view: YardView, values: Values) => boolean;

/** A vessel with room, those of a role for this use first; `only` leaves the others out. */
export const toField = (label: string, use: Use, only = false, meant: Meant = () => true): Field => {
  const fits = (values: Values) => (v: VesselView) =>
    roomIn(v) > 0.5 && v.vessel.id !== values.text("from") && (!only || isFor(v.vessel.role, use));
  return {
    kind: "choice",
    name: "to",
    label,
    adds: adds(use),
    options: (view, values) => inOrder(view, use, fits(values)).map((v) => option(v, view.at, unitsOf(view.settings))),
    first: (view, values) =>
      inOrder(view, use, fits(values))
        .filter((v) => isFor(v.vessel.role, use) && meant(v, view, values))
        // What is aboard a van is filled on its rounds.
        .sort(
          (a, b) =>
            Number(a.vessel.place !== undefined) - Number(b.vessel.place !== undefined) ||
            Number(a.litres > 0.5) - Number(b.litres > 0.5) ||
            roomIn(b) - roomIn(a),
        )[0]?.vessel.id,
  };
};

export const anyVesselField = (label: string, use: Use): Field => ({
  kind: "choice",
  name: "vessel",
  label,
  adds: adds(use),
  options: (view) => inOrder(view, use, () => true).map((v) => option(v, view.at, unitsOf(view.settings))),
  first: (view) => inOrder(view, use, (v) => isFor(v.vessel.role, use) && v.litres > 0.5)[0]?.vessel.id,
});

function inOrder(view: YardView, use: Use, fits: (v: VesselView) => boolean): VesselView[] {
  const roles = rolesFor(use);
  const rank = (v: VesselView): number => {
    const i = roles.indexOf(v.vessel.role);
    return i < 0 ? roles.length : i;
  };
  return view.vessels.filter(fits).sort((a, b) => rank(a) - rank(b));
}
