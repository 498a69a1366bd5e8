import type { DraftRefusal } from "@/core/clearance";
import { fluidName } from "@/core/fluids";
import type { YardFileError } from "@/core/formats";
import type { Entry, LedgerError } from "@/core/ledger";
import type { YardView } from "@/core/view";
import { CAUSE_STEPS, CAUSE_WORDS, type Cause } from "./causes";
import { wordRefusal } from "./fitness";
import { nameOf } from "./names";
import { dayAndClock } from "./times";
import { unitsOf } from "./units";

type StoreError =
  | LedgerError
  | { readonly code: "not-stored"; readonly cause: Cause; readonly reason: string }
  | { readonly code: "read-only" }
  | { readonly code: "not-safe"; readonly refusals: readonly DraftRefusal[] };

/** What went wrong and what to do about it, for the person who just typed it. `entry` names a later entry it would break. */
export function wordError(error: StoreError, view: YardView, later?: Entry): string {
  const units = unitsOf(view.settings);
  const breaks = later ? ` That entry is from ${dayAndClock(later.happenedAt)}; void or correct it first.` : "";
  switch (error.code) {
    case "overdrawn": {
      const name = nameOf(view, error.vessel);
      return later
        ? `This would leave ${name} ${units.litres(error.shortLitres)} short for something logged after it.${breaks}`
        : `${name} is ${units.litres(error.shortLitres)} short of that. Take less, or dip it and log a stock-take first.`;
    }
    case "empty":
      return later
        ? `This would leave ${nameOf(view, error.vessel)} empty for something logged after it.${breaks}`
        : `${nameOf(view, error.vessel)} is empty.`;
    case "overfilled":
      return `${nameOf(view, error.vessel)} would run over by ${units.litres(error.overLitres)}.`;
    case "same-vessel":
      return "Pick two different vessels.";
    case "rim-above-shape":
      return `The rim of ${nameOf(view, error.vessel)} lies above its own shape, which ends at ${units.mm(error.mostMm)}. Measure it again.`;
    case "loss-above-litres":
      return "The loss cannot be more than what went in.";
    case "nothing-to-gain-of":
      return "The book has nothing in it. Say what oil was found.";
    case "unknown-vessel":
      return `There is no vessel called ${error.vessel} in this yard at that time.`;
    case "unknown-source":
      return `There is no source called ${nameOf(view, error.source)} in this yard at that time.`;
    case "unknown-bag":
      return `There is no bag called ${nameOf(view, error.bag)} in this yard at that time.`;
    case "unknown-vehicle":
      return `There is no vehicle called ${nameOf(view, error.vehicle)} in this yard at that time.`;
    case "unknown-cup":
      return "There is no such cup in this yard.";
    case "unknown-fluid":
      return `Nobody has said what ${fluidName(error.fluid)} is like. Give its figures in the shed first.`;
    case "unknown-recipe":
      return "There is no such recipe in this yard at that time.";
    case "unknown-batch":
      return "There is no such batch in this yard at that time.";
    case "unknown-line":
      return "There is no such filter line in this yard.";
    case "unknown-place":
      return "There is no such van, bus or trailer in this yard at that time.";
    case "still-holds":
      return `${nameOf(view, error.vessel)} still holds ${units.litres(error.litres)}. Empty it first, or say where that went.`;
    case "unknown-round":
      return "There was no such round at that time.";
    case "round-over":
      return "That round is over. Log it without the round.";
    case "unknown-entry":
      return "That entry is not in this yard.";
    case "already-void":
      return "That entry is void or corrected already.";
    case "future":
      return `${dayAndClock(error.happenedAt)} has not come yet. Set the time it happened.`;
    case "duplicate-id":
      return "This was logged already.";
    case "odd-text":
      return `${fieldWords(error.path)} holds a hidden character (${error.character}) that nobody would see. Type it anew.`;
    case "newer-entry":
      return "This was written by a newer release. Update, then try again.";
    case "invalid":
      return `${fieldWords(error.path)} ${error.why === "said" ? `is not right: ${error.reason}` : WHY[error.why]}.`;
    case "not-safe":
      return error.refusals.map((r) => wordRefusal(r, view)).join(" ");
    case "not-stored":
      return `${CAUSE_WORDS[error.cause]} (${error.reason}). Nothing was changed. ${CAUSE_STEPS[error.cause]}`;
    case "read-only":
      return "A newer release has written this yard, and this one only shows it. Update, then log it.";
  }
}

const WHY = {
  "too-much": "is more than can be",
  "too-little": "is less than can be",
  missing: "is missing",
  other: "cannot be that",
} as const;

const FIELDS: Record<string, string> = {
  litres: "The litres",
  sparesAboard: "The count of spare filters",
  lossLitres: "The loss",
  minutes: "The minutes",
  celsius: "The temperature",
  name: "The name",
  note: "The note",
  rimMm: "The height",
  oilMm: "The oil level",
  fatMm: "The fat line",
  waterMm: "The water line",
  happenedAt: "The time",
  pricePerLitre: "The price",
  containerLitres: "What a container holds",
  containerCount: "The number of containers",
  payloadKg: "The payload",
  latitude: "The latitude",
  longitude: "The longitude",
  paid: "What was paid",
  km: "The distance",
  base64: "The photo",
  stops: "The list of stops",
  hours: "The hours",
  price: "The price",
  burnLitresPerHour: "What it burns in an hour",
  shedCelsius: "The shed's temperature",
  tonightLowCelsius: "Tonight's low",
  outsideCelsius: "The temperature outside",
  pumpLimitMm2PerS: "What the pump takes",
  atPumpCelsius: "The temperature at the pump",
  share: "The share",
  parts: "The recipe",
  jar: "The jar",
  fromLitres: "The amount",
  startOnDiesel: "The minutes on diesel",
  onOil: "The minutes on oil",
  purge: "The minutes of purging",
  water: "The share of water",
  sludge: "The share of sludge",
  "fryer-fat": "The share of fat",
  suctionMm: "Where it was drawn from",
  suspendedShare: "What still hung",
  came: "How clear it came",
  nuMm2PerS: "The viscosity",
  seconds: "The seconds",
  ratingUm: "The rating",
  ratedKPa: "The pressure it is made for",
  mostDropKPa: "The pressure drop",
  holdsLitres: "What it holds back",
  spares: "The number in stock",
  spareLow: "The low mark",
  feedMm: "The height",
  receiverMm: "The height",
  headMm: "The head",
  kPa: "The pressure",
  beforeKPa: "The pressure before",
  afterKPa: "The pressure after",
  areaM2: "The area",
  boreMm: "The bore",
  lengthMm: "The length",
  liftMm: "The height",
  pullKPa: "The pull",
  titrantGPerL: "The titrant's strength",
  titrantPurity: "The purity of the lye",
  oilMl: "The sample",
  blankMl: "The blank",
  tries: "The tries",
  oilLitres: "The oil",
  acidMolPerL: "The free acid",
  demandMolPerL: "The free acid",
  basePurity: "The purity of the lye",
  purity: "The purity",
  doseGPerL: "The lye for the oil",
  methanolShare: "The share of methanol",
  methanolPurity: "The purity of the methanol",
  sulfuricPurity: "The purity of the acid",
  secondShare: "What is kept for the second step",
  conversion: "What is expected to turn",
  holdCelsius: "The temperature",
  mixMinutes: "The minutes of mixing",
  settleHours: "The hours of settling",
  times: "The number of washes",
  waterShare: "The water of a wash",
  vinegarMlPerL: "The vinegar",
  vinegarMl: "The vinegar",
  waterLitres: "The water",
  kg: "The weight",
  value: "What was read",
  kwh: "The energy",
  heaterKw: "The heater",
  potCelsius: "The temperature of the pot",
  rho15KgPerL: "The density",
  nu40Mm2PerS: "The viscosity",
  nu100Mm2PerS: "The viscosity",
  cloudCelsius: "The cloud point",
  pourCelsius: "The pour point",
  flashCelsius: "The flash point",
  lhvMJPerKg: "The heating value",
  cetane: "The cetane number",
};

function fieldWords(path: string): string {
  // "tries.2" is one of the tries.
  const last = path.split(".").findLast((part) => !/^\d+$/.test(part)) ?? "";
  return FIELDS[last] ?? `The field “${last || "entry"}”`;
}

const FILE_CODES: Readonly<Record<YardFileError["code"], true>> = {
  "not-json": true,
  "not-a-yard": true,
  "too-deep": true,
  "newer-file": true,
  truncated: true,
  checksum: true,
  "duplicate-ids": true,
  "bad-entry": true,
  "not-a-line": true,
};

/** Whether what went wrong lies in the file, and not in storing it. */
export const isFileError = (error: { readonly code: string }): error is YardFileError =>
  Object.hasOwn(FILE_CODES, error.code);

export function wordFileError(error: YardFileError): string {
  switch (error.code) {
    case "not-json":
      return "This file is damaged or cut short: it is not complete JSON.";
    case "not-a-yard":
      return "This is not a yard file.";
    case "too-deep":
      return "This file is nested deeper than any yard. It was not read.";
    case "newer-file":
      return `This file was written by a newer release (schema ${error.schema}). Update, then try again.`;
    case "truncated":
      return `The file says it holds ${error.count} entries, but ${error.found} are there. Part of it is missing.`;
    case "checksum":
      return "The checksum does not match: something in the file was changed after it was written.";
    case "duplicate-ids":
      return `Two entries in the file share the id ${error.id}.`;
    case "not-a-line":
      return `In this file entry ${error.index + 1} does not stand on a line of its own. It was not written by this app, or was rearranged.`;
    case "bad-entry":
      return `Entry ${error.index + 1} in the file is no entry: it has no id.`;
  }
}
