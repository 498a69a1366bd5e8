import { US_SIEVES, umOfMesh } from "@/core/filtration/sieve";
import { type Bag, ELEMENT_FORMS, type ElementForm } from "@/core/ledger";
import type { YardView } from "@/core/view";
import type { Field, Values } from "@/desk/form";

export type Of = (view: YardView, v: Values) => Bag | undefined;

const BY_UM = "um";
const BY_SIEVE = "sieve";
const UNKNOWN = "unknown";

const USUAL_AREA_M2 = 0.25;

/** What a sieve number that is on no list is near to. */
function wrongSieve(text: string): string | undefined {
  const mesh = Number(text.trim());
  if (!Number.isFinite(mesh)) return "Type the number on it, as 200.";
  if (umOfMesh(mesh) !== null) return undefined;
  const near = [...US_SIEVES].sort(([a], [b]) => Math.abs(a - mesh) - Math.abs(b - mesh)).slice(0, 2);
  const listed = near.sort(([a], [b]) => a - b).map(([m, um]) => `${m} (${um} µm)`);
  return `There is no US sieve ${text.trim()}. Near it are ${listed.join(" and ")}. Or give it in µm.`;
}

/** What an element is, in the order one would say it; what is left empty is not known. */
export const bagFields = (of: Of): Field[] => [
  {
    kind: "choice",
    name: "form",
    label: "What it is",
    listed: true,
    options: () => Object.entries(ELEMENT_FORMS).map(([value, name]) => ({ value, name })),
    first: (view, v) => of(view, v)?.form ?? "bag",
  },
  {
    kind: "choice",
    name: "by",
    label: "How fine",
    options: () => [
      { value: BY_UM, name: "In µm" },
      { value: BY_SIEVE, name: "By its sieve number", detail: "a mesh is no micron" },
      { value: UNKNOWN, name: "Nobody knows", detail: "it proves nothing" },
    ],
    first: (view, v) => {
      const known = of(view, v);
      return known && known.ratingUm === undefined ? UNKNOWN : BY_UM;
    },
  },
  {
    kind: "number",
    name: "ratingUm",
    label: "Rating",
    suffix: "µm",
    first: (view, v) => of(view, v)?.ratingUm ?? 5,
    chips: () => [1, 5, 50, 200],
    asked: (_, v) => v.text("by") === BY_UM,
  },
  {
    kind: "text",
    name: "sieve",
    label: "Sieve number",
    first: () => "200",
    wrong: wrongSieve,
    asked: (_, v) => v.text("by") === BY_SIEVE,
  },
  {
    kind: "number",
    name: "areaM2",
    label: "Area",
    suffix: "m²",
    first: (view, v) => of(view, v)?.areaM2 ?? USUAL_AREA_M2,
  },
  { kind: "money", name: "price", label: "A new one costs", optional: true, first: (view, v) => of(view, v)?.price },
  {
    kind: "kpa",
    name: "mostDropKPa",
    label: "Bears a pressure drop of",
    optional: true,
    first: (view, v) => of(view, v)?.mostDropKPa,
  },
  {
    kind: "litres",
    name: "holdsLitres",
    label: "Oil it holds back",
    optional: true,
    first: (view, v) => of(view, v)?.holdsLitres,
  },
  {
    kind: "number",
    name: "spares",
    label: "New ones in stock",
    optional: true,
    suffix: "",
    first: (view, v) => view.bags.find((b) => b.bag.id === of(view, v)?.id)?.spares ?? undefined,
  },
  {
    kind: "number",
    name: "spareLow",
    label: "Say so when there are only",
    optional: true,
    suffix: "",
    first: (view, v) => of(view, v)?.spareLow,
    asked: (_, v) => v.maybe("spares") !== undefined,
  },
  {
    kind: "text",
    name: "washing",
    label: "How you wash it",
    optional: true,
    first: (view, v) => of(view, v)?.washing ?? "",
  },
];

function ratingFrom(v: Values): { ratingUm?: number } {
  if (v.text("by") === UNKNOWN) return {};
  const um = v.text("by") === BY_SIEVE ? umOfMesh(Number(v.text("sieve"))) : v.number("ratingUm");
  return um === null ? {} : { ratingUm: um };
}

const given = (v: Values, name: "price" | "mostDropKPa" | "holdsLitres" | "spares" | "spareLow") =>
  v.maybe(name) === undefined ? {} : { [name]: v.number(name) };

export const bagFrom = (id: Bag["id"], name: string, v: Values): Bag => ({
  id,
  name,
  ...(v.text("form") !== "bag" && { form: v.text("form") as ElementForm }),
  ...ratingFrom(v),
  areaM2: v.number("areaM2"),
  ...given(v, "price"),
  ...given(v, "mostDropKPa"),
  ...given(v, "holdsLitres"),
  ...given(v, "spares"),
  ...given(v, "spareLow"),
  ...(v.text("washing").trim() !== "" && { washing: v.text("washing").trim() }),
});

/** "5 µm", "Cloth": what one would write on it, and counted where there is one of that name. */
export function usualName(view: YardView, v: Values): string {
  const { ratingUm } = ratingFrom(v);
  const plain = ratingUm === undefined ? ELEMENT_FORMS[v.text("form") as ElementForm] : `${ratingUm} µm`;
  const taken = new Set(view.bags.map((b) => b.bag.name));
  let name = plain;
  for (let n = 2; taken.has(name); n++) name = `${plain} no. ${n}`;
  return name;
}
