import type { FluidId } from "@/core/fluids";
import { RoundId, type SourceId, type VesselId } from "@/core/ledger";
import { MS_PER_DAY, MS_PER_HOUR } from "@/core/units";
import type { Dice } from "./dice";
import type { Line } from "./things";
import { tenth, type Writer } from "./writer";

interface Muck {
  readonly water: number;
  readonly sludge: number;
  readonly "fryer-fat": number;
}
const LIGHT: Muck = { water: 0.008, sludge: 0.012, "fryer-fat": 0.004 };
const MEATY: Muck = { water: 0.015, sludge: 0.018, "fryer-fat": 0.035 };
export const CREAMY: Muck = { water: 0.02, sludge: 0.02, "fryer-fat": 0.3 };

export interface Kitchen {
  readonly source: SourceId;
  readonly litres: number;
  readonly fluid: FluidId;
  readonly muck: Muck;
}

export function kitchens(line: Line, d: Dice): Kitchen[] {
  return [
    { source: line.source("gannet"), litres: tenth(d.between(24, 34)), fluid: "canola", muck: LIGHT },
    { source: line.source("ropewalk"), litres: tenth(d.between(16, 24)), fluid: "canola", muck: LIGHT },
    { source: line.source("harbour"), litres: tenth(d.between(8, 13)), fluid: "canola", muck: MEATY },
    { source: line.source("beacon"), litres: tenth(d.between(6, 11)), fluid: "soybean", muck: LIGHT },
  ];
}

/** In the weeks one goes out to the far ones, they give what the two nearest would have. */
export const far = (line: Line, { source, ...same }: Kitchen): Kitchen => ({
  ...same,
  source:
    source === line.source("gannet")
      ? line.source("lighthouse")
      : source === line.source("ropewalk")
        ? line.source("galley")
        : source,
});

/** One kitchen's oil into a container, a little less where it does not all fit. */
export function collect(
  w: Writer,
  atMs: number,
  kitchen: Kitchen,
  to: VesselId,
  celsius: number,
  round?: RoundId,
): void {
  const litres = tenth(Math.min(kitchen.litres, w.room(to) - 0.5));
  if (litres < 1) return;
  const { source, fluid, muck } = kitchen;
  const price = w.yard.sources.get(source)?.source.pricePerLitre ?? 0;
  w.write(atMs, {
    kind: "pickup",
    data: {
      source,
      to,
      fluid,
      amount: { litres, celsius },
      muck,
      ...(price !== 0 && { paid: Math.round(litres * price * 100) / 100 }),
      ...(round && { round }),
    },
  });
}

/** The way round the harbour kitchens, and out to the far ones. */
const NEAR_KM = 16;
const FAR_KM = 22;

/** A round into one drum: set off, the kitchens in turn, and home. */
export function driveRound(
  w: Writer,
  atMs: number,
  calls: readonly Kitchen[],
  drum: VesselId,
  celsius: number,
  goesFar: boolean,
): void {
  if (calls.length === 0) return;
  const id = RoundId.parse(`${drum}-${Math.floor(atMs / MS_PER_DAY)}`);
  const stops = calls.map(({ source, litres }) => ({ source, litres }));
  w.write(atMs, { kind: "round", data: { id, by: null, stops } });
  for (const [i, call] of calls.entries()) collect(w, atMs + (i + 1) * (MS_PER_HOUR / 2), call, drum, celsius, id);
  const hours = 0.5 * calls.length + 1;
  w.write(atMs + hours * MS_PER_HOUR, {
    kind: "round-end",
    data: { round: id, km: NEAR_KM + (goesFar ? FAR_KM : 0), minutes: 60 * hours },
  });
}

const AGED_DAYS = 20;

/** What a person measures in a cold shed when they take nearly all of so many litres at 15 °C. */
export const coldLitres = (litres15: number): number => tenth(litres15 * 0.985 - 0.2);

/** One week of the two settling drums: one fills, the other stands and is drawn, through the bags, into Ready. */
export function drumWeek(w: Writer, line: Line, d: Dice, monday: number, shed: number, slow: number): void {
  const drums = [line.id("drum-3"), line.id("drum-5")] as const;
  const filling = drums.find((id) => w.litres(id) < 165 && !hasAged(w, id, monday));
  if (filling) {
    const near = kitchens(line, d).filter(() => d.whole(0, 9) > 1);
    const goesFar = Math.floor(monday / (7 * MS_PER_DAY)) % 3 === 0;
    const calls = goesFar ? near.map((k) => far(line, k)) : near;
    driveRound(w, monday + MS_PER_DAY + 9 * MS_PER_HOUR, calls, filling, shed + 2, goesFar);
  }
  const aged = drums.find((id) => hasAged(w, id, monday) && w.litres(id) > 60);
  if (aged && w.room(line.id("ready")) > 60)
    drawAndFilter(w, line, d, monday + 3 * MS_PER_DAY + 9 * MS_PER_HOUR, aged, shed, slow);
}

function hasAged(w: Writer, id: VesselId, atMs: number): boolean {
  const stirredAt = w.yard.vessels.get(id)?.stirredAt;
  return stirredAt != null && atMs - Date.parse(stirredAt) > AGED_DAYS * MS_PER_DAY;
}

export function drawAndFilter(
  w: Writer,
  line: Line,
  d: Dice,
  atMs: number,
  drum: VesselId,
  shed: number,
  slow: number,
): void {
  const [feed, ready] = [line.id("feed-tub"), line.id("ready")];
  const fatMm = d.whole(34, 58);
  const oilMm = Math.round((w.litres(drum) / 218) * 850);
  w.write(atMs, { kind: "dip", data: { vessel: drum, oilMm, fatMm, waterMm: d.whole(6, 12), celsius: shed } });
  const suctionMm = fatMm + 25;
  const drawable = w.litres(drum) - (suctionMm / 850) * 218;
  for (let drawn = 0, run = 0; run < 4; run++) {
    const litres = coldLitres(Math.min(drawable - drawn, w.room(feed), w.room(ready) - w.litres(feed)));
    if (litres < 4) break;
    drawn += litres;
    const data = { from: drum, to: feed, amount: { litres, celsius: shed }, suctionMm, suspendedShare: 0.02 };
    w.write(atMs + (1 + run * 4) * MS_PER_HOUR, { kind: "draw-off", data });
    filterAll(w, line, d, atMs + (3 + run * 4) * MS_PER_HOUR, shed, slow);
  }
  w.write(atMs + 20 * MS_PER_HOUR, {
    kind: "move",
    data: { from: drum, to: line.id("heel-tub"), amount: heelAmount(w, drum, line), layer: "mixed" },
  });
  emptyHeels(w, line, atMs + 22 * MS_PER_HOUR);
}

const heelAmount = (w: Writer, drum: VesselId, line: Line) => {
  const room = w.room(line.id("heel-tub"));
  return w.litres(drum) < room ? ({ all: true } as const) : { litres: tenth(room - 1) };
};

function filterAll(w: Writer, line: Line, d: Dice, atMs: number, shed: number, slow: number): void {
  const litres = coldLitres(w.litres(line.id("feed-tub")));
  if (litres < 2) return;
  w.write(atMs, {
    kind: "filter-run",
    data: {
      from: line.id("feed-tub"),
      to: line.id("ready"),
      bags: [line.bag("bag-50"), line.bag("bag-5")],
      amount: { litres, celsius: shed },
      minutes: Math.round(litres * d.between(1.1, 1.5) * slow * (15 / Math.max(6, shed))),
      lossLitres: tenth(litres * 0.012),
    },
  });
  const through = w.yard.bags.get(line.bag("bag-5"))?.litres ?? 0;
  if (slow > 2)
    w.write(atMs + 4 * MS_PER_HOUR, { kind: "bag-service", data: { bag: line.bag("bag-5"), what: "changed" } });
  else if (through > 480)
    w.write(atMs + 4 * MS_PER_HOUR, { kind: "bag-service", data: { bag: line.bag("bag-5"), what: "washed" } });
}

/** Heels are pooled: the top goes back to settle, the bottom to the sludge drum, and that to the collector. */
function emptyHeels(w: Writer, line: Line, atMs: number): void {
  const [heel, sludge] = [line.id("heel-tub"), line.id("sludge-drum")];
  if (w.litres(heel) < 30) return;
  const back = tenth(w.litres(heel) * 0.55);
  const drum = [line.id("drum-3"), line.id("drum-5")].find((id) => w.room(id) > back && w.litres(id) < 40);
  if (drum) w.write(atMs, { kind: "move", data: { from: heel, to: drum, amount: { litres: back }, layer: "top" } });
  const down = tenth(Math.min(w.litres(heel) * 0.6, w.room(sludge) - 1));
  if (down > 1)
    w.write(atMs + MS_PER_HOUR, {
      kind: "move",
      data: { from: heel, to: sludge, amount: { litres: down }, layer: "bottom" },
    });
  if (w.litres(sludge) > 52)
    w.write(atMs + 2 * MS_PER_HOUR, {
      kind: "dispose",
      data: {
        from: sludge,
        amount: { litres: tenth(w.litres(sludge) - 3) },
        layer: "mixed",
        where: "council collector",
      },
    });
}
