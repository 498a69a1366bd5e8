import { type ComponentId, type FluidId, isFluidId, likeOf, sinks } from "../fluids";
import type { Drive, Operation, Receiver, Step, StepPart, Substance } from "../interlocks";
import { type FeedWay, type Flow, type How, partsOf, roleOf, type VesselId, type YardState } from "../ledger";
import { holdsLitres } from "../vessels";
import { gateFluid } from "./gateFluid";
import { kettleCelsius } from "./kettle";

/** What the interlocks call it; null where nothing is done to oil that they have a word on. */
const OPERATION: Readonly<Record<How, Operation | null>> = {
  pour: "pour",
  blend: "blend",
  filter: "filter",
  spin: "centrifuge",
  dose: "dose",
  heat: "heat",
  react: "react",
  neutralise: "dose",
  fill: "fill-vehicle",
  // Out of the yard, or only counted: neither meets anything in a vessel.
  burn: null,
  dispose: null,
  count: null,
};

/** What the interlocks call a component: both lyes are lye to them, and a fluid of one's own is the row it is like. */
const substanceOf = (component: ComponentId): Substance =>
  isFluidId(component) ? likeOf(component) : SUBSTANCE_OF[component];

/** Salts and a little vinegar are to them the water that holds them, free acid the soap that it makes. */
const SUBSTANCE_OF: Readonly<Record<Exclude<ComponentId, FluidId>, Substance>> = {
  water: "water",
  sludge: "sludge",
  methanol: "methanol",
  "sodium-hydroxide": "lye",
  "potassium-hydroxide": "lye",
  "sulfuric-acid": "sulfuric-acid",
  glycerol: "glycerol",
  soap: "soap",
  "potassium-soap": "soap",
  "fatty-acid": "soap",
  "acetic-acid": "water",
  salt: "water",
  "sodium-sulfate": "water",
  "potassium-sulfate": "water",
  "sodium-acetate": "water",
  "potassium-acetate": "water",
};

const stepPart = (yard: YardState, component: ComponentId, amount: number): StepPart => ({
  substance: substanceOf(component),
  amount,
  ...(isFluidId(component) && { flashCelsius: gateFluid(yard, component).flashCelsius }),
});

/** One step for all that is done alike into one vessel: the parts of a blend are asked about together. */
export function stepsOf(yard: YardState, flows: readonly Flow[]): Step[] {
  const together = new Map<string, [Flow, ...Flow[]]>();
  for (const flow of flows) {
    const key = `${flow.how} ${flow.to}`;
    const known = together.get(key);
    if (known) known.push(flow);
    else together.set(key, [flow]);
  }
  return [...together.values()].flatMap((alike) => stepOf(yard, alike) ?? []);
}

function stepOf(yard: YardState, flows: readonly [Flow, ...Flow[]]): Step | null {
  const [first] = flows;
  const operation = OPERATION[first.how];
  const into = first.to === null ? null : receiverOf(yard, first.to);
  if (operation === null || !into) return null;
  const shed = yard.settings.shedCelsius;
  const press = pressureOf(yard, first);
  return {
    operation,
    parts: flows.flatMap((f) => partsIn(yard, f, flows.length > 1)),
    celsius: Math.max(...flows.map((f) => f.amount.celsius ?? shed)),
    into: {
      ...into,
      ratedPa: press.ratedPa,
      celsius: first.intoCelsius ?? into.celsius,
      heated: into.heated || isWarmed(first, shed),
    },
    drive: press.drive,
    pressurePa: press.pressurePa,
    housingsPa: press.housingsPa,
    acidPurity: acidPurityIn(yard, flows),
    fatLimitShare: yard.settings.fatLimitShare,
    unattended: null,
  };
}

/** By the label of the bottle it comes out of, or goes into; what is in a kettle already was asked when it went in. */
function acidPurityIn(yard: YardState, flows: readonly Flow[]): number | null {
  const bringing = flows.filter((f) => partsIn(yard, f, false).some((p) => p.substance === "sulfuric-acid"));
  const purities = bringing.map(({ from, to }): number => {
    const out = from === null ? undefined : yard.vessels.get(from)?.vessel;
    if (out && out.role !== "chemical") return 1;
    const bottle = out ?? (to === null ? undefined : yard.vessels.get(to)?.vessel);
    // What nobody has read off a label is not taken to be strong.
    return bottle?.pack?.purity ?? 0;
  });
  return purities.length > 0 ? Math.min(...purities) : null;
}

/** So much over its shed, oil was warmed for its bags. */
const WARMED_K = 10;
const isWarmed = ({ how, amount }: Flow, shedCelsius: number): boolean =>
  how === "filter" && amount.celsius !== undefined && amount.celsius > shedCelsius + WARMED_K;

/** Which of the interlocks' drives it is; of a motor nobody has looked into the one that sparks. */
const DRIVE: Readonly<Record<FeedWay, Drive>> = {
  gravity: "gravity",
  air: "compressed-air",
  hand: "hand-pump",
  pump: "brush-motor-pump",
  brushless: "brushless-pump",
};
const PA_PER_KPA = 1000;

/** What a run's pressure meets: the feed where air stands on it, the housings however it is driven; never the receiver. */
function pressureOf(
  yard: YardState,
  { driven, from }: Flow,
): Pick<Step, "drive" | "pressurePa" | "housingsPa"> & { readonly ratedPa: number | null } {
  if (!driven || driven.way === "gravity") return { drive: "gravity", pressurePa: 0, housingsPa: [], ratedPa: null };
  const feedKPa = from === null ? undefined : yard.vessels.get(from)?.vessel.ratedKPa;
  return {
    drive: DRIVE[driven.way],
    pressurePa: driven.kPa * PA_PER_KPA,
    housingsPa: driven.through.flatMap((id) => {
      const most = yard.bags.get(id)?.bag.mostDropKPa;
      return most === undefined ? [] : [most * PA_PER_KPA];
    }),
    ratedPa: driven.way === "air" ? (feedKPa === undefined ? null : feedKPa * PA_PER_KPA) : Number.POSITIVE_INFINITY,
  };
}

function partsIn(yard: YardState, flow: Flow, scaled: boolean): StepPart[] {
  const { from, fresh, layer, amount } = flow;
  if (from === null) return (fresh ?? []).map((f) => stepPart(yard, f.component, f.litres));
  const parts = layer === "top" ? offTheTop(yard, from, amount) : contentsOf(yard, from);
  return scaled && !("all" in amount) ? scaledTo(parts, amount.litres) : parts;
}

function contentsOf(yard: YardState, from: VesselId): StepPart[] {
  const state = yard.vessels.get(from);
  return (state ? partsOf(state.contents, yard.parts) : []).map((p) => stepPart(yard, p.component, p.litres));
}

/** What settles stays below what is drawn from the top, while there is enough above it: a bottle of acid has no top. */
function offTheTop(yard: YardState, from: VesselId, amount: Flow["amount"]): StepPart[] {
  const state = yard.vessels.get(from);
  const above = (state ? partsOf(state.contents, yard.parts) : []).filter((p) => !sinks(p.component));
  const litres = above.reduce((sum, p) => sum + p.litres, 0);
  if ("all" in amount || amount.litres > litres) return contentsOf(yard, from);
  return above.map((p) => stepPart(yard, p.component, p.litres));
}

function scaledTo(parts: readonly StepPart[], litres: number): StepPart[] {
  const all = parts.reduce((sum, p) => sum + p.amount, 0);
  return all > 0 ? parts.map((p) => ({ ...p, amount: (p.amount * litres) / all })) : [];
}

/** What the yard does not know of a vessel is unknown, not safe: its material, and what pressure it bears. */
function receiverOf(yard: YardState, id: VesselId): Receiver | null {
  const state = yard.vessels.get(id);
  if (!state) return null;
  const capacity = holdsLitres(state.vessel);
  return {
    place: roleOf(state.vessel.role).receiver,
    open: state.vessel.isClosed !== true,
    heated: false,
    material: state.vessel.material ?? "unknown",
    ratedPa: null,
    parts: contentsOf(yard, id),
    celsius: kettleCelsius(yard, id) ?? state.celsius ?? yard.settings.shedCelsius,
    roomLitres: Math.max(0, capacity - state.contents.total),
    vented: state.vessel.isVented === true,
    earthed: state.vessel.isEarthed === true,
  };
}
