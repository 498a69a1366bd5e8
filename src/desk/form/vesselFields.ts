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
export const fromField = (label: string, use: Use, suits: Suits = {}): Field => ({
  kind: "choice",
  name: "from",
  label,
  adds: adds(use),
  options: (view, values) =>
    inOrder(view, use, (v) => v.litres > 0.05 && (suits.may?.(v, view, values) ?? true)).map((v) =>
      option(v, view.at, unitsOf(view.settings)),
    ),
  first: (view, values) => {
    const may = (v: VesselView): boolean => v.litres > 0.05 && (suits.may?.(v, view, values) ?? true);
    const rank = (v: VesselView): number => suits.rank?.(v, view, values) ?? 0;
    return inOrder(
      view,
      use,
      (v) => may(v) && isFor(v.vessel.role, use) && (suits.meant?.(v, view, values) ?? true),
    ).sort((a, b) => rank(a) - rank(b))[0]?.vessel.id;
  },
});

/** Which vessels suit what is to be done, beyond having something in them or room. */
export interface Suits {
  /** Those that are not are never offered. */
  may?(v: VesselView, view: YardView, values: Values): boolean;
  /** Those that are not may still be chosen, but never by themselves. */
  meant?(v: VesselView, view: YardView, values: Values): boolean;
  /** The lower, the sooner it is proposed. */
  rank?(v: VesselView, view: YardView, values: Values): number;
}

/** A vessel with room, those of a role for this use first; `only` leaves the others out. */
export const toField = (label: string, use: Use, only = false, suits: Suits = {}): Field => {
  const fits = (view: YardView, values: Values) => (v: VesselView) =>
    roomIn(v) > 0.5 &&
    v.vessel.id !== values.text("from") &&
    (!only || isFor(v.vessel.role, use)) &&
    (suits.may?.(v, view, values) ?? true);
  return {
    kind: "choice",
    name: "to",
    label,
    adds: adds(use),
    options: (view, values) =>
      inOrder(view, use, fits(view, values)).map((v) => option(v, view.at, unitsOf(view.settings))),
    first: (view, values) =>
      inOrder(view, use, fits(view, values))
        .filter((v) => isFor(v.vessel.role, use) && (suits.meant?.(v, view, values) ?? true))
        // What is aboard a van is filled on its rounds.
        .sort(
          (a, b) =>
            (suits.rank?.(a, view, values) ?? 0) - (suits.rank?.(b, view, values) ?? 0) ||
            Number(a.vessel.place !== undefined) - Number(b.vessel.place !== undefined) ||
            Number(a.litres > 0.5) - Number(b.litres > 0.5) ||
            roomIn(b) - roomIn(a),
        )[0]?.vessel.id,
  };
};

/** Any vessel; `may` leaves some out. */
export const anyVesselField = (label: string, use: Use, may: (v: VesselView) => boolean = () => true): Field => ({
  kind: "choice",
  name: "vessel",
  label,
  adds: adds(use),
  options: (view) => inOrder(view, use, may).map((v) => option(v, view.at, unitsOf(view.settings))),
  first: (view) => inOrder(view, use, (v) => may(v) && isFor(v.vessel.role, use) && v.litres > 0.5)[0]?.vessel.id,
});

function inOrder(view: YardView, use: Use, fits: (v: VesselView) => boolean): VesselView[] {
  const roles = rolesFor(use);
  const rank = (v: VesselView): number => {
    const i = roles.indexOf(v.vessel.role);
    return i < 0 ? roles.length : i;
  };
  return view.vessels.filter(fits).sort((a, b) => rank(a) - rank(b));
}
