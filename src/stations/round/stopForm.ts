import { DIRT_KINDS, dirtOfFluid, dirtSeenAs, type FluidId } from "@/core/fluids";
import type { Check, Draft, PlaceId, RoundId, Source, VesselId } from "@/core/ledger";
import type { SourceView, VesselView } from "@/core/readings";
import { isApart } from "@/core/readings/rounds/roundQuestion";
import { safeLitres, staysApart } from "@/core/readings/terms";
import { judgeLot, muckOf } from "@/core/rounds";
import { parsePlain, type Result } from "@/core/units";
import type { YardView } from "@/core/view";
import { familyOf, type Units, wordQuantityError } from "@/ui/words";

export type CountedBy = "scoops" | "jerrycans" | "pump";

/** What has been seen, counted and chosen at a stop, as typed. */
export interface StopTexts {
  /** Empty until a jar has been held to the light: it is never taken for granted. */
  readonly look: Check["look"] | "";
  readonly check: Omit<Check, "look">;
  readonly fluid: FluidId | "";
  readonly by: CountedBy;
  readonly scoops: number;
  readonly scoopLitres: string;
  readonly jerrycans: number;
  readonly jerrycanLitres: string;
  readonly pumpLitres: string;
  readonly to: string;
  readonly left: string;
  /** Untouched, it follows the price. */
  readonly paid: string | null;
  readonly reason: string;
}

/** What they hold where nobody has said otherwise, in the unit that is typed. */
const USUAL_CANS = {
  litres: { scoop: "2", jerrycan: "20" },
  gallons: { scoop: "0.5", jerrycan: "5" },
} as const;

/** Where a round's half-filled stops are kept. */
export const draftsOf = (round: RoundId): string => `brisk-barrel stop ${round} `;

export function firstStopTexts(source: Source, units: Units): StopTexts {
  const usual = USUAL_CANS[units.volume.unit === "L" ? "litres" : "gallons"];
  return {
    look: "",
    check: {
      smell: "fried",
      fried: staysApart(source) ? "engine" : source.dirt ? DIRT_KINDS[source.dirt].seenAs : "unknown",
      bottomWater: "none",
    },
    fluid: source.fluid ?? "",
    by: "jerrycans",
    scoops: 0,
    scoopLitres: usual.scoop,
    jerrycans: 0,
    jerrycanLitres: usual.jerrycan,
    pumpLitres: "",
    to: "",
    left: "",
    paid: null,
    reason: "",
  };
}

export interface ReadStop {
  readonly errors: Readonly<Record<string, string>>;
  readonly litres: number | null;
  readonly fluid: FluidId;
  readonly to: VesselView | undefined;
  readonly paid: number | null;
  readonly paidText: string;
  readonly pickup: Draft | null;
}

/** Good kitchen oil; kitchen oil that is to stand alone; oil from an engine or gearbox. */
export type LotKind = "good" | "doubtful" | "engine";

export const lotKind = (t: StopTexts): LotKind =>
  t.check.fried === "engine" ? "engine" : (verdictOf(t)?.verdict ?? "take") === "take" ? "good" : "doubtful";

/** The containers a lot may go into: those that travel with the round, fitting ones first. */
export function containersFor(view: YardView, by: PlaceId | null, kind: LotKind): VesselView[] {
  const along = view.vessels.filter(
    (v) =>
      (v.vessel.role === "raw" || (by === null && v.vessel.role === "settling")) && (v.vessel.place ?? null) === by,
  );
  const rank = (v: VesselView): number => {
    if (roomIn(v) < 0.5) return 4;
    if (isApart(v) !== (kind === "engine")) return 3;
    // A doubtful lot wants an empty one; a good lot tops up what is begun.
    return kind === "doubtful" && v.litres > 0.5 ? 2 : v.vessel.role === "raw" ? 0 : 1;
  };
  return along.sort((a, b) => rank(a) - rank(b) || roomIn(b) - roomIn(a));
}

export const roomIn = (v: VesselView): number => Math.max(0, safeLitres(v.vessel) - v.litres);

export function readStop(
  source: SourceView,
  t: StopTexts,
  round: RoundId,
  containers: readonly VesselView[],
  units: Units,
): ReadStop {
  const errors: Record<string, string> = {};
  const positive = (
    field: string,
    text: string,
    read: (x: string) => Result<number, never> | ReturnType<typeof parsePlain>,
  ): number | null => {
    const found = read(text);
    if (!found.ok) errors[field] = wordQuantityError(found.error);
    else if (found.value < 0) errors[field] = "It cannot be less than nothing.";
    return found.ok && found.value >= 0 ? found.value : null;
  };
  const litres = litresCounted(t, positive, units);
  const fluid = t.fluid || (t.check.fried === "engine" ? "motor-oil" : "canola");
  const to = containers.find((v) => v.vessel.id === t.to) ?? containers[0];
  const price = source.source.pricePerLitre;
  const owed = price === undefined || litres === null ? "" : String(Math.round(price * litres * 100) / 100);
  const paidText = t.paid ?? owed;
  const paid = paidText.trim() === "" ? 0 : paidOf(paidText, errors);
  const leftLitres = t.left.trim() === "" ? undefined : (positive("left", t.left, units.volume.parse) ?? undefined);
  if (t.look === "") errors.look = "Hold a jar to the light first.";
  const check = t.look === "" ? null : { ...t.check, look: t.look };
  const complete = check && litres !== null && litres > 0 && to && paid !== null && Object.keys(errors).length === 0;
  return {
    errors,
    litres,
    fluid,
    to,
    paid,
    paidText,
    pickup: complete
      ? {
          kind: "pickup",
          data: {
            source: source.source.id,
            to: to.vessel.id as VesselId,
            fluid,
            amount: { litres },
            muck: muckOf(dirtSaid(source.source, t, fluid), check),
            look: check.look,
            check,
            counted: { by: t.by, count: countOf(t, litres) },
            round,
            ...(leftLitres !== undefined && { leftLitres }),
            ...(paid !== 0 && { paid }),
          },
        }
      : null,
  };
}

const MOST_PAID = 1e6;

function paidOf(text: string, errors: Record<string, string>): number | null {
  const read = parsePlain(text);
  if (!read.ok) errors.paid = wordQuantityError(read.error);
  else if (Math.abs(read.value) > MOST_PAID) errors.paid = "That is more than any oil costs.";
  return read.ok && Math.abs(read.value) <= MOST_PAID ? read.value : null;
}

function litresCounted(
  t: StopTexts,
  positive: (field: string, text: string, read: typeof parsePlain) => number | null,
  units: Units,
): number | null {
  if (t.by === "pump")
    return t.pumpLitres.trim() === "" ? null : positive("pumpLitres", t.pumpLitres, units.volume.parse);
  const [count, each, field] =
    t.by === "scoops" ? [t.scoops, t.scoopLitres, "scoopLitres"] : [t.jerrycans, t.jerrycanLitres, "jerrycanLitres"];
  const litresEach = positive(field as string, each as string, units.volume.parse);
  return litresEach === null ? null : Math.round((count as number) * litresEach * 100) / 100;
}

const countOf = (t: StopTexts, litres: number): number =>
  t.by === "scoops" ? t.scoops : t.by === "jerrycans" ? t.jerrycans : litres;

/** What was seen at the stop outranks what was known: meat, or an engine. */
export function dirtSaid(source: Source, t: StopTexts, fluid: FluidId): NonNullable<Source["dirt"]> {
  const seen = familyOf(fluid) === "engine" ? "engine" : t.check.fried;
  if (source.dirt && (seen === "unknown" || DIRT_KINDS[source.dirt].seenAs === seen)) return source.dirt;
  return seen === "unknown" ? dirtOfFluid(fluid) : dirtSeenAs(seen);
}

/** A source whose oil was not known is known from its first stop on. */
export function learned(source: Source, t: StopTexts, fluid: FluidId): Source | null {
  if (source.fluid !== undefined && source.dirt !== undefined) return null;
  return { ...source, fluid: source.fluid ?? fluid, dirt: source.dirt ?? dirtSaid(source, t, fluid) };
}

/** Null until it has been looked at, unless its smell alone decides. */
export const verdictOf = (t: StopTexts): ReturnType<typeof judgeLot> | null =>
  t.look === "" && t.check.smell !== "solvent" ? null : judgeLot({ ...t.check, look: t.look || "clear" });
