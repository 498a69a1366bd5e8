import { fluidName, likeOf } from "@/core/fluids";
import { type Draft, type Entry, type EntryField, fieldsOf, type OwnFluid, withFields } from "@/core/ledger";
import type { YardView } from "@/core/view";
import type { Option } from "@/ui";
import { fluidsInUse } from "@/ui/words/fluids";
import type { Amount, Field, Form, Values } from "./verb";

/**
 * The form that puts an entry right, of whatever kind: its fields are read off the entry, and only what was changed is
 * written. All else of it, its note and what the app had said then included, stays as it was.
 */
export function correctionOf(entry: Entry): Form {
  const asked = fieldsOf(entry).filter((f) => f.is !== "time" && f.is !== "round");
  return {
    fields: asked.map(fieldOf),
    build: (v) =>
      ({
        kind: entry.kind,
        data: withFields(entry.data, Object.fromEntries(changes(asked, v))),
        replaces: entry.id,
        ...(entry.despite && { despite: entry.despite }),
      }) as Draft,
    said: () => "Corrected. Everything after it is worked out again.",
  };
}

function changes(asked: readonly EntryField[], v: Values): [path: string, value: EntryField["value"]][] {
  return asked.flatMap((f) => (v.changed(f.path) ? [[f.path, writtenIn(f, v)]] : []));
}

function writtenIn({ path, is }: EntryField, v: Values): EntryField["value"] {
  const text = v.text(path);
  if (text === "") return is === "text" ? undefined : v.maybe(path);
  if (is === "yes-no") return text === YES;
  return typeof v.maybe(path) === "number" ? v.maybe(path) : text.trim();
}

const YES = "yes";
const YES_OR_NO: readonly Option[] = [
  { value: YES, name: "Yes" },
  { value: "no", name: "No" },
];

const UNIT: Partial<Record<EntryField["is"], string>> = { g: "g", seconds: "s" };

function fieldOf(f: EntryField): Field {
  const common = { name: f.path, label: f.label, optional: f.optional };
  const { value } = f;
  if (typeof value === "string" || value === undefined || typeof value === "boolean") {
    if (f.is === "text") return { ...common, kind: "text", first: () => String(value ?? "") };
    if (isListed(f)) {
      const first = typeof value === "boolean" ? (value ? YES : "no") : (value ?? "");
      return {
        ...common,
        kind: "choice",
        listed: isMany(f),
        options: (view) => optionsOf(f, view),
        first: () => first,
      };
    }
  }
  const number = typeof value === "number" ? value : undefined;
  if (isAmount(f.is)) return { ...common, kind: f.is, first: () => number };
  return { ...common, kind: "number", suffix: UNIT[f.is] ?? "", first: () => number };
}

const AMOUNTS: ReadonlySet<string> = new Set([
  "litres",
  "celsius",
  "mm",
  "km",
  "kg",
  "kpa",
  "minutes",
  "money",
  "share",
]);
const isAmount = (is: EntryField["is"]): is is Amount & EntryField["is"] => AMOUNTS.has(is);

const LISTED: ReadonlySet<EntryField["is"]> = new Set([
  "choice",
  "fluid",
  "yes-no",
  "vessel",
  "source",
  "bag",
  "vehicle",
  "place",
  "cup",
  "recipe",
  "batch",
]);
/** More than this are drawn as a list; so are the yard's own things, of which there may be many. */
const MOST_PLATES = 6;
const isMany = ({ is, choices }: EntryField): boolean =>
  is !== "yes-no" && (is !== "choice" || Object.keys(choices ?? {}).length > MOST_PLATES);

const isListed = ({ is }: EntryField): boolean => LISTED.has(is);

function optionsOf(f: EntryField, view: YardView): Option[] {
  const listed = thingsOf(f, view);
  const value = typeof f.value === "string" ? f.value : "";
  // What it names may be gone from the yard since.
  const known = value === "" || f.is === "yes-no" || listed.some((o) => o.value === value);
  const all = known ? listed : [...listed, { value, name: value }];
  return f.optional ? [{ value: "", name: "Not said" }, ...all] : all;
}

function thingsOf(f: EntryField, view: YardView): Option[] {
  const named = (things: readonly { readonly id: string; readonly name: string }[]): Option[] =>
    things.map(({ id, name }) => ({ value: id, name }));
  switch (f.is) {
    case "vessel":
      return named(view.vessels.map((v) => v.vessel));
    case "source":
      return named(view.sources.map((s) => s.source));
    case "bag":
      return named(view.bags.map((b) => b.bag));
    case "vehicle":
      return named(view.vehicles.map((v) => v.vehicle));
    case "place":
      return named(view.places.map((p) => p.place));
    case "cup":
      return named(view.cups);
    case "recipe":
      return named(view.recipes.map((r) => r.recipe));
    case "batch":
      return named(view.batches.map((b) => b.batch));
    case "yes-no":
      return [...YES_OR_NO];
    case "fluid":
      return [
        ...written(f),
        ...fluidsInUse(view)
          .filter((own) => own.id !== likeOf(own.id))
          .map(ownOption),
      ];
    default:
      return written(f);
  }
}

const written = ({ choices }: EntryField): Option[] =>
  Object.entries(choices ?? {}).map(([value, name]) => ({ value, name }));

const ownOption = ({ id }: OwnFluid): Option => ({ value: id, name: fluidName(id) });
