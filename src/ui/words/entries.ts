import { componentName, fluidName } from "@/core/fluids";
import {
  BATCH_ENDS,
  COLD_JAR_WORDS,
  type Entry,
  type EntryOf,
  fieldsOf,
  kindOf,
  type MeasuredOrAll,
  PAN_WORDS,
  RUNG_WORDS,
} from "@/core/ledger";
import { NOTICED } from "@/core/ledger/schema/tripNote";
import { DRIP_WORDS, FUEL_TEST_WORDS, HELP_WORDS, PAPER_WORDS, STAGE_WORDS } from "@/core/ledger/words";
import { formatMinutes, formatNumber } from "@/core/units";
import type { YardView } from "@/core/view";
import { priceEach } from "./blend";
import { counted } from "./counted";
import { wordField } from "./fields";
import { readWords } from "./fuelTests";
import { nameOf, OUTCOME_WORDS } from "./names";
import { clarityWord } from "./settling";
import { unitsOf } from "./units";

/** What an entry of a kind without a sentence of its own says: its fields, by their names. */
const fieldsWords = (e: Entry, view: YardView): string =>
  fieldsOf(e)
    .flatMap((f) => (f.value === undefined ? [] : [`${f.label.toLowerCase()} ${wordField(f, view)}`]))
    .join(", ");

/** What the books call it. */
export const titleOf = (e: Entry): string => kindOf(e.kind).title;

/** What an entry says, in one line. */
export function wordEntry(e: Entry, view: YardView): string {
  const u = unitsOf(view.settings);
  const v = (id: string): string => nameOf(view, id);
  const amount = (a: MeasuredOrAll): string =>
    "all" in a ? "all of it" : `${u.litres(a.litres)}${a.celsius === undefined ? "" : ` at ${u.celsius(a.celsius)}`}`;
  switch (e.kind) {
    case "settings":
      return `changed ${counted(Object.keys(e.data).length, "mark")}`;
    case "vessel":
    case "source":
    case "bag":
    case "vehicle":
    case "place":
      return e.data.name;
    case "photo":
      return nameOf(view, e.data.of.id);
    case "weather":
      return [
        e.data.shedCelsius === undefined ? "" : `shed ${u.celsius(e.data.shedCelsius, 1)}`,
        e.data.tonightLowCelsius === undefined ? "" : `tonight ${u.celsius(e.data.tonightLowCelsius)}`,
      ]
        .filter(Boolean)
        .join(", ");
    case "pickup":
      return `${amount(e.data.amount)} ${componentName(e.data.fluid).toLowerCase()} from ${nameOf(view, e.data.source)} into ${v(e.data.to)}${e.data.paid ? `, ${e.data.paid < 0 ? `${u.money(-e.data.paid)} from them` : `${u.money(e.data.paid)} paid`}` : ""}`;
    case "visit":
      return `${nameOf(view, e.data.source)}: ${OUTCOME_WORDS[e.data.outcome]}${e.data.reason ? `, ${e.data.reason}` : ""}`;
    case "round":
      return `set off to ${e.data.stops.map((s) => nameOf(view, s.source)).join(", ")}`;
    case "round-end":
      return [
        e.data.km === undefined ? "" : u.km(e.data.km),
        e.data.minutes === undefined ? "" : formatMinutes(e.data.minutes),
      ]
        .filter(Boolean)
        .join(", ");
    case "purchase":
      return `${amount(e.data.amount)} ${componentName(e.data.fluid).toLowerCase()} into ${v(e.data.to)}`;
    case "move":
      return `${amount(e.data.amount)}${e.data.layer === "bottom" ? " off the bottom" : ""} from ${v(e.data.from)} into ${v(e.data.to)}`;
    case "draw-off":
      return `${amount(e.data.amount)} from ${v(e.data.from)} above ${u.mm(e.data.suctionMm)} into ${v(e.data.to)}`;
    case "dip":
      return [
        v(e.data.vessel),
        e.data.oilMm === undefined ? "" : `oil ${u.mm(e.data.oilMm)}`,
        e.data.fatMm === undefined ? "" : `fat line ${u.mm(e.data.fatMm)}`,
        e.data.waterMm === undefined ? "" : `water ${u.mm(e.data.waterMm)}`,
        e.data.clearMm === undefined ? "" : `clear down to ${u.mm(e.data.clearMm)}`,
        e.data.celsius === undefined ? "" : u.celsius(e.data.celsius, 1),
      ]
        .filter(Boolean)
        .join(", ");
    case "jar":
      return `${v(e.data.vessel)} at ${u.mm(e.data.atMm)}: ${clarityWord(e.data.step)}`;
    case "disturbed":
      return `${[e.data.vessel, ...(e.data.also ?? [])].map(v).join(", ")} ${e.data.also?.length ? "were" : "was"} ${e.data.how}${e.data.celsius === undefined ? "" : `, ${u.celsius(e.data.celsius)}`}`;
    case "water-test":
      return `${v(e.data.vessel)}: ${e.data.how === "hot-pan" ? PAN_WORDS[e.data.saw].toLowerCase() : `${formatNumber(((e.data.wetG - e.data.dryG) / e.data.wetG) * 100, 2)} % by weight`}`;
    case "fining":
      return `${v(e.data.vessel)} with ${u.litres(e.data.waterLitres)} water and ${formatNumber(e.data.gelatineG, 0)} g gelatine`;
    case "spin":
      return `${amount(e.data.amount)} from ${v(e.data.from)} into ${v(e.data.to)}, ${u.litres(e.data.pasteLitres)} paste`;
    case "displace":
      return `${amount(e.data.amount)} from ${v(e.data.header)} through ${v(e.data.body)} into ${v(e.data.overflow)}`;
    case "clean-out":
      return `${amount(e.data.amount)} off the bottom of ${v(e.data.vessel)} into ${v(e.data.to)}`;
    case "fluid":
      return `${fluidName(e.data.id)} is as you know it`;
    case "recipe":
      return `${e.data.name}: ${e.data.parts.map((p) => `${formatNumber(p.share * 100, 0)} % ${fluidName(p.fluid).toLowerCase()}`).join(", ")}`;
    case "trial":
      return `${nameOf(view, e.data.recipe)}, ${RUNG_WORDS[e.data.rung].toLowerCase()}: ${e.data.verdict}`;
    case "price":
      return `${componentName(e.data.what).toLowerCase()} ${priceEach(e.data.pricePerLitre, u)}`;
    case "batch":
      return `${e.data.name}: ${u.litres(e.data.recipe.oilLitres)} in ${v(e.data.kettle)}, ${e.data.recipe.base}`;
    case "stage":
      return stageSentence(e.data, view);
    case "titration":
      return `${v(e.data.vessel)}: ${counted(e.data.tries.length, "try", "tries")}, ${e.data.tries.map((t) => formatNumber(t, 2)).join(", ")} mL`;
    case "walk-down":
      return v(e.data.vessel);
    case "charge":
      return `${e.data.parts.map((p) => `${"kg" in p.amount ? u.kg(p.amount.kg) : u.litres(p.amount.litres)} from ${v(p.from)}`).join(" and ")} into ${v(e.data.into)}`;
    case "react":
      return `in ${v(e.data.vessel)}: ${u.kg(e.data.takes.reduce((sum, t) => sum + t.kg, 0))} became ${e.data.gives.map((g) => componentName(g.component).toLowerCase()).join(", ")}`;
    case "split":
      return `${u.litres(e.data.amount.litres)} out of ${v(e.data.from)} into ${v(e.data.to)}`;
    case "wash":
      return `${v(e.data.vessel)} with ${u.litres(e.data.waterLitres)} water${e.data.vinegarMl > 0 ? `, ${formatNumber(e.data.vinegarMl, 0)} mL vinegar` : ""}`;
    case "dry":
      return `${v(e.data.vessel)}, ${e.data.gone.map((g) => `${u.kg(g.kg)} ${componentName(g.component).toLowerCase()}`).join(" and ")} gone`;
    case "fuel-test":
      return `${nameOf(view, e.data.batch)}, ${FUEL_TEST_WORDS[e.data.test].toLowerCase()}: ${readWords(e.data.test, e.data.value)}`;
    case "recover":
      return `${amount(e.data.amount)} of ${formatNumber(e.data.methanolShare * 100, 0)} % out of ${v(e.data.from)} into ${v(e.data.to)}`;
    case "witness":
      return `${nameOf(view, e.data.batch)}: ${e.data.place}, “${e.data.label}”`;
    case "batch-end":
      return `${nameOf(view, e.data.batch)}: ${BATCH_ENDS[e.data.how].toLowerCase()}${e.data.litres > 0 ? `, ${u.litres(e.data.litres)}` : ""}`;
    case "cold-jar":
      return `${v(e.data.vessel)}, ${formatNumber(e.data.hours, 0)} h at ${u.celsius(e.data.celsius)}: ${COLD_JAR_WORDS[e.data.saw].toLowerCase()}`;
    case "dark-test":
      return `${v(e.data.vessel)}: ${PAPER_WORDS[e.data.paper].toLowerCase()}; ${DRIP_WORDS[e.data.drip].toLowerCase()}`;
    case "cup":
      return `${e.data.name}, ${counted(e.data.readings.length, "reading")}`;
    case "cup-test":
      return `${v(e.data.vessel)}: ${formatNumber(e.data.seconds, 1)} s at ${u.celsius(e.data.celsius)}`;
    case "filter-run":
      return `${amount(e.data.amount)} from ${v(e.data.from)} through ${e.data.bags.map((b) => nameOf(view, b)).join(" and ")} into ${v(e.data.to)}, ${formatMinutes(e.data.minutes)}, ${u.litres(e.data.lossLitres)} lost`;
    case "bag-service":
      return `${nameOf(view, e.data.bag)} ${e.data.what}`;
    case "blend":
      return `${e.data.parts.map((p) => `${amount(p.amount)} from ${v(p.from)}`).join(" and ")} into ${v(e.data.to)}`;
    case "fill":
      return `${amount(e.data.amount)} from ${v(e.data.from)} into ${v(e.data.to)}`;
    case "trip":
      return `${nameOf(view, e.data.vehicle)}${e.data.km === undefined ? "" : `, ${u.km(e.data.km)}`}, ${e.data.burned.map((b) => `${u.litres(b.litres)} from ${v(b.from)}`).join(" and ")} burned${[...(e.data.noticed ?? []).map((n) => NOTICED[n].toLowerCase()), ...(e.data.note ? [e.data.note] : [])].map((w) => `, ${w}`).join("")}`;
    case "dispose":
      return `${amount(e.data.amount)} from ${v(e.data.from)}, ${e.data.where}`;
    case "stock-take":
      return `${v(e.data.vessel)} holds ${u.litres(e.data.found.litres)}`;
    case "void":
      return e.data.reason;
    default:
      return fieldsWords(e, view);
  }
}

const DID = { begin: "begun", done: "done", stop: "stopped", "go-on": "gone on with", read: "read" } as const;

function stageSentence(d: EntryOf<"stage">["data"], view: YardView): string {
  const u = unitsOf(view.settings);
  const said = [
    DID[d.did],
    d.saw === "not" ? "not as expected" : "",
    d.celsius === undefined ? "" : u.celsius(d.celsius, 1),
    d.help === undefined
      ? ""
      : `${HELP_WORDS[d.help.tried].toLowerCase()}, it ${d.help.parted ? "parted" : "did not part"}`,
  ];
  return `${nameOf(view, d.batch)}, ${STAGE_WORDS[d.stage].toLowerCase()}: ${said.filter(Boolean).join(", ")}`;
}
