import { type Advice, advise } from "../advice";
import { type FluidTable, fluidName } from "../fluids";
import {
  type Balance,
  type BatchState,
  balance,
  type Cup,
  type Fault,
  type OwnFluid,
  type PriceState,
  type RecipeState,
  type RoundState,
  readThingKey,
  type Settings,
  STATIONS,
  type Station,
  type ThingKind,
  thingKey,
  type VehicleState,
  type YardState,
} from "../ledger";
import {
  type BagView,
  type LineView,
  type PlaceView,
  placeViews,
  ReadingMemo,
  readYard,
  type SourceView,
  type VesselView,
} from "../readings";
import type { Gums } from "../readings/blend/gums";
import { type Weather, weatherAt, withNight } from "../readings/night";
import { MS_PER_DAY } from "../units";

/** All that a screen draws, in plain data, so that it can cross from a worker. */
export interface YardView {
  readonly at: string;
  /** The marks, with tonight as it is reckoned with; and who said how warm it is. */
  readonly settings: Settings;
  readonly weather: Weather;
  readonly vessels: readonly VesselView[];
  readonly sources: readonly SourceView[];
  readonly bags: readonly BagView[];
  /** Filter lines as they hang. */
  readonly lines: readonly LineView[];
  readonly vehicles: readonly VehicleState[];
  readonly places: readonly PlaceView[];
  readonly cups: readonly Cup[];
  /** The owner's own fluids and figures, the retired too; and the table with them in it. */
  readonly ownFluids: readonly OwnFluid[];
  readonly fluids: FluidTable;
  /** Recipes in use, with what became of them. */
  readonly recipes: readonly RecipeState[];
  /** Batches of the kettles, in the order they were begun. */
  readonly batches: readonly BatchState[];
  /** What a litre costs, by the id of the fluid or chemical. */
  readonly prices: Readonly<Record<string, PriceState>>;
  /** What falls out of petrol blends, by this yard's own drains. */
  readonly gums: Gums;
  /** What has left the floor and the lists. */
  readonly retired: readonly RetiredThing[];
  /** What everything is called that ever was in this yard, by its id: also what came, or went, after the moment looked at. */
  readonly names: Readonly<Record<string, string>>;
  /** The round that is being driven. */
  readonly round: RoundState | null;
  readonly advice: readonly Advice[];
  readonly stations: Readonly<Record<Station, { readonly litres: number; readonly due: number }>>;
  readonly balance: Balance;
  readonly faults: readonly Fault[];
  readonly entries: number;
  readonly firstAt: string | null;
}

/** A thing that is no longer in use. */
export interface RetiredThing {
  readonly kind: ThingKind;
  readonly id: string;
  readonly at: string;
}

/**
 * What screens draw of a yard. Given the memo of the view before, only what has changed is reckoned anew; `latest` is the
 * yard as it is known now, where `yard` is of another day.
 */
export function viewYard(
  yard: YardState,
  now: string,
  memo: ReadingMemo = new ReadingMemo(),
  latest: YardState = yard,
): YardView {
  const reading = readYard(withNight(yard, now), now, memo);
  const advice = advise(reading);
  const vessels = reading.vessels.map((v) => v.view);
  // Due means due within a day.
  const dueBy = new Date(Date.parse(now) + MS_PER_DAY).toISOString();
  const stations = Object.fromEntries(STATIONS.map((station) => [station, { litres: 0, due: 0 }])) as Record<
    Station,
    { litres: number; due: number }
  >;
  for (const { station, litres } of vessels) stations[station].litres += litres;
  for (const { station, dueAt } of advice) if (dueAt <= dueBy) stations[station].due += 1;
  return {
    at: now,
    settings: reading.settings,
    weather: weatherAt(yard, now),
    vessels,
    sources: reading.sources,
    bags: reading.bags,
    lines: reading.lines,
    vehicles: reading.vehicles,
    places: placeViews(yard, reading.vessels),
    cups: [...yard.cups.values()].filter((c) => !yard.retired.has(thingKey("cup", c.id))),
    ownFluids: reading.ownFluids,
    fluids: yard.fluids,
    recipes: [...yard.recipes.values()].filter((r) => !yard.retired.has(thingKey("recipe", r.recipe.id))),
    batches: reading.batches,
    prices: reading.prices,
    gums: reading.gums,
    retired: [...yard.retired].map(([key, at]) => ({ ...readThingKey(key), at })),
    names: namesIn(latest),
    round: reading.round,
    advice,
    stations,
    balance: balance(yard, (litres) => memo.sums.get(litres, [], () => litres.reduce((sum, l) => sum + l, 0))),
    faults: yard.faults,
    entries: yard.entries,
    firstAt: yard.firstAt,
  };
}

function namesIn(yard: YardState): Record<string, string> {
  const names: Record<string, string> = {};
  for (const { vessel } of yard.vessels.values()) names[vessel.id] = vessel.name;
  for (const { source } of yard.sources.values()) names[source.id] = source.name;
  for (const { bag } of yard.bags.values()) names[bag.id] = bag.name;
  for (const line of yard.lines.values()) names[line.id] = line.name;
  for (const { vehicle } of yard.vehicles.values()) names[vehicle.id] = vehicle.name;
  for (const place of yard.places.values()) names[place.id] = place.name;
  for (const cup of yard.cups.values()) names[cup.id] = cup.name;
  for (const { recipe } of yard.recipes.values()) names[recipe.id] = recipe.name;
  for (const { batch } of yard.batches.values()) names[batch.id] = batch.name;
  for (const id of yard.ownFluids.keys()) names[id] = fluidName(id);
  return names;
}
