import { useState } from "react";
import { measuredLitres } from "@/core/fluids";
import type { Draft, FeedWay, Layer } from "@/core/ledger";
import { asVesselId } from "@/core/ledger/named";
import type { BagView, LineView, VesselView } from "@/core/readings";
import { planRun, type RunPlan, USUAL_KPA } from "@/core/readings/filter/runPlan";
import { type PastLine, pastLine, standsToSettle, takenAs, usualLayer } from "@/core/readings/settle/taken";
import { type NumberInput, useAmount, useFollowing, useUnits } from "@/desk";
import { useYard } from "@/store";
import type { UnderWay } from "./underWay";

export type Caught = "none" | "some" | "much";

/** What was found in an element when the run was over. */
export interface FoundIn {
  readonly caught?: Caught;
  readonly beforeKPa?: number | undefined;
  readonly afterKPa?: number | undefined;
}

const DRAINS: ReadonlySet<string> = new Set(["y-strainer", "trap", "hand-pump"]);
/** Water and grit are let out of it below. */
export const hasDrain = (b: BagView): boolean => DRAINS.has(b.bag.form ?? "bag");

/** A run as it is planned or told: from where, through what of the line, into what, how driven, and what that would give. */
export interface Run {
  readonly from: VesselView;
  readonly to: VesselView | undefined;
  readonly through: readonly BagView[];
  readonly isLeft: (id: string) => boolean;
  readonly way: FeedWay;
  /** How it is taken out of a feed that stands, and what comes along from below its draw-off line. */
  readonly layer: Layer;
  readonly past: PastLine | null;
  readonly litres: NumberInput;
  readonly minutes: NumberInput;
  readonly loss: NumberInput;
  readonly celsius: NumberInput;
  readonly head: NumberInput;
  readonly pressure: NumberInput;
  readonly roomLitres: number;
  readonly plan: RunPlan | null;
  readonly drained: NumberInput;
  /** Where traps may be drained into, and where they are. */
  readonly wasteDrums: readonly VesselView[];
  readonly drainedTo: VesselView | undefined;
  readonly found: Readonly<Record<string, FoundIn>>;
  readonly draft: Draft | null;
  /** What is asked of it, to be kept once it is begun. */
  readonly asked: UnderWay["asked"];
  setFrom(id: string): void;
  setTo(id: string): void;
  toggle(id: string): void;
  setWay(way: FeedWay): void;
  setLayer(layer: Layer): void;
  setDrainTo(vessel: string): void;
  setFound(bag: string, found: FoundIn): void;
  isComplete(): boolean;
}

/** Of what goes through, this much stays in the bags and on the walls, where nobody said what they hold. */
const LOST_SHARE = 0.012;
/** Until somebody measures. */
const USUAL_HEAD_MM = 900;

export function useRun(
  first: VesselView,
  feeds: readonly VesselView[],
  into: readonly VesselView[],
  line: LineView,
  kept: UnderWay | null,
): Run {
  const { view } = useYard();
  const units = useUnits();
  const [fromId, setFrom] = useState<string>(kept?.asked.from ?? first.vessel.id);
  const [chosenTo, setTo] = useState<string | null>(kept?.asked.to ?? null);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set(kept?.asked.left));
  const [way, setWay] = useState<FeedWay>(kept?.asked.way ?? "gravity");
  const [chosenLayer, setLayer] = useState<Layer | null>(kept?.asked.layer ?? null);
  const [found, setFound] = useState<Readonly<Record<string, FoundIn>>>({});
  const from = feeds.find((f) => f.vessel.id === fromId) ?? first;
  // Whatever it is run from, it is run into another: the one that was chosen, or the likeliest.
  const others = into.filter((t) => t.vessel.id !== from.vessel.id);
  const to = others.find((t) => t.vessel.id === chosenTo) ?? others[0];
  const through = line.elements.filter((e) => !left.has(e.bag.id));
  const celsius = useAmount(units.temperature, kept?.asked.celsius ?? view.settings.shedCelsius);
  const head = useAmount(units.length, kept?.asked.headMm ?? headOf(from, line) ?? USUAL_HEAD_MM);
  const pressure = useFollowing(units.pressure, kept?.asked.kPa ?? (way === "gravity" ? 0 : USUAL_KPA[way]));
  const settles = standsToSettle(from);
  const layer = settles ? (chosenLayer ?? usualLayer(from)) : "mixed";
  const oilCelsius = celsius.value ?? view.settings.shedCelsius;
  // The run's litres are read in a cold shed, where they are fewer than the ledger's at 15 °C.
  const there = measuredLitres(from.components, oilCelsius);
  const room = to ? Math.max(0, to.capacityLitres - to.litres) : 0;
  const clear = settles && layer === "top" ? Math.floor(settles.drawableLitres * 10) / 10 : 0;
  // What stands is drawn down to its line; else all of it to the last drop: what stays behind would taint what comes next.
  const wanted = clear > 0 ? clear : there;
  const most = wanted <= room ? wanted : Math.floor(room * 10) / 10;
  const litres = useFollowing(units.volume, kept?.finished?.litres ?? kept?.asked.litres ?? most);
  const amount = litres.value ?? most;
  const kPa = way === "gravity" ? null : pressure.value;
  const plan = planRun({
    from,
    elements: through,
    litres: amount,
    layer,
    celsius: oilCelsius,
    way,
    headMm: way === "gravity" ? (head.value ?? USUAL_HEAD_MM) : null,
    kPa,
    inside: line.line.isInReceiver ? to : undefined,
    settings: view.settings,
    fluids: view.fluids,
  });
  const minutes = useFollowing(
    units.duration,
    Math.max(1, Math.round(kept?.finished?.minutes ?? plan?.forecast.minutes ?? amount)),
  );
  const loss = useFollowing(units.volume, Math.round((plan?.heldLitres ?? amount * LOST_SHARE) * 10) / 10);
  const drained = useFollowing(units.volume, 0);
  const wasteDrums = view.vessels.filter((v) => v.vessel.role === "waste" && v.capacityLitres - v.litres > 0.5);
  const [drainTo, setDrainTo] = useState<string>("");
  const drainedTo = wasteDrums.find((v) => v.vessel.id === drainTo) ?? wasteDrums[0];
  const drainedLitres = through.some(hasDrain) ? (drained.value ?? 0) : 0;
  const foundIn = through.flatMap((e) => {
    const told = foundData(found[e.bag.id] ?? {});
    return Object.keys(told).length > 0 ? [{ bag: e.bag.id, ...told }] : [];
  });
  const draft: Draft | null =
    through.length === 0 || !to
      ? null
      : {
          kind: "filter-run",
          data: {
            from: from.vessel.id,
            to: asVesselId(to.vessel.id),
            bags: through.map((b) => b.bag.id),
            amount: { litres: amount, celsius: oilCelsius },
            ...(settles && takenAs(from, layer)),
            minutes: minutes.value ?? 0,
            lossLitres: (loss.value ?? 0) + drainedLitres,
            ...(drainedLitres > 0 && { drainedLitres, ...(drainedTo && { drainedTo: drainedTo.vessel.id }) }),
            ...(line.isSaid && { line: line.line.id }),
            feed:
              way === "gravity"
                ? { way, headMm: Math.round(head.value ?? USUAL_HEAD_MM) }
                : { way, kPa: kPa ?? USUAL_KPA[way] },
            ...(foundIn.length > 0 && { found: foundIn }),
            ...(kept?.finished && kept.marks.length > 0 && { readings: [...kept.marks] }),
          },
        };
  return {
    from,
    to,
    through,
    isLeft: (id) => left.has(id),
    way,
    layer,
    past: layer === "top" ? pastLine(from, amount) : null,
    litres,
    minutes,
    loss,
    drained,
    wasteDrums,
    drainedTo,
    celsius,
    head,
    pressure,
    roomLitres: room,
    plan,
    found,
    draft,
    asked: {
      from: from.vessel.id,
      to: to?.vessel.id ?? "",
      left: [...left],
      way,
      ...(settles && { layer }),
      headMm: way === "gravity" ? (head.value ?? USUAL_HEAD_MM) : null,
      kPa,
      celsius: oilCelsius,
      litres: amount,
    },
    setFrom,
    setTo,
    toggle: (id) => setLeft((old) => new Set(old.has(id) ? [...old].filter((x) => x !== id) : [...old, id])),
    setWay,
    setLayer,
    setDrainTo,
    setFound: (bag, told) => setFound((old) => ({ ...old, [bag]: told })),
    isComplete() {
      if (litres.value === null || litres.value <= 0) litres.refuse("Say how much ran through.");
      if (minutes.value === null || minutes.value <= 0) minutes.refuse("Say how long it took.");
      if (loss.value === null) loss.refuse("Say how much was lost, or none.");
      if (celsius.value === null) celsius.refuse("Say how warm it was.");
      return (
        litres.value !== null &&
        litres.value > 0 &&
        minutes.value !== null &&
        minutes.value > 0 &&
        loss.value !== null &&
        celsius.value !== null
      );
    },
  };
}

/** Only what was said, and no pair of gauges that is read the wrong way round. */
function foundData({ caught, beforeKPa, afterKPa }: FoundIn) {
  const isBackwards = beforeKPa !== undefined && afterKPa !== undefined && afterKPa > beforeKPa;
  return {
    ...(caught && { caught }),
    ...(beforeKPa !== undefined && !isBackwards && { beforeKPa }),
    ...(afterKPa !== undefined && !isBackwards && { afterKPa }),
  };
}

/** The feed's surface above the first of the line, where its owner has said how high things stand; else null. */
function headOf(from: VesselView, { line, elements }: LineView): number | null {
  if (line.feedMm === undefined || line.receiverMm === undefined) return null;
  const fall = line.feedMm + from.surfaceMm - line.receiverMm;
  // Each hangs a step lower than the one before it.
  return fall > 0 ? Math.round(fall / Math.max(1, elements.length)) : null;
}
