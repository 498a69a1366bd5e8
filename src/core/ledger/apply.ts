import { setBag, setPhoto, setPlace, setSettings, setSource, setVehicle, setVessel, setWeather } from "./declare";
import type { Fault } from "./errors";
import { bagService, blend, dispose, drawOff, fill, filterRun, move, purchase, stockTake, trip } from "./happen";
import { pickup, round, roundEnd, visit } from "./rounds";
import type { Entry, EntryKind, EntryOf } from "./schema/entry";
import { cleanOut, cupTest, displace, fining, setCup, setDip, setDisturbed, setJar, spin, waterTest } from "./settle";
import type { YardState } from "./state";
import { TransferStopped } from "./transfer";

type Apply<K extends EntryKind> = (yard: YardState, entry: EntryOf<K>) => Fault | undefined;

const APPLY: { [K in EntryKind]: Apply<K> } = {
  settings: setSettings,
  vessel: setVessel,
  source: setSource,
  bag: setBag,
  vehicle: setVehicle,
  place: setPlace,
  photo: setPhoto,
  weather: setWeather,
  dip: setDip,
  jar: setJar,
  disturbed: setDisturbed,
  "water-test": waterTest,
  fining,
  spin,
  displace,
  "clean-out": cleanOut,
  cup: setCup,
  "cup-test": cupTest,
  pickup,
  visit,
  round,
  "round-end": roundEnd,
  purchase,
  move,
  "draw-off": drawOff,
  "filter-run": filterRun,
  "bag-service": bagService,
  blend,
  fill,
  trip,
  dispose,
  "stock-take": stockTake,
  // Voids are resolved before projecting; a void moves nothing itself.
  void: () => undefined,
};

/**
 * Applies one entry to a yard that the caller owns, in place: building 20,000 entries may not copy 20,000 yards.
 * All or nothing: an entry with a fault moves nothing and leaves its fault in the open.
 */
export function applyEntry(yard: YardState, entry: Entry): void {
  yard.entries += 1;
  yard.firstAt ??= entry.happenedAt;
  yard.undo.length = 0;
  const { standings } = yard;
  const fault = attempt(yard, entry);
  if (!fault) return;
  yard.standings = standings;
  for (const state of yard.undo.reverse()) yard.vessels.set(state.vessel.id, state);
  yard.faults.push(fault);
}

function attempt(yard: YardState, entry: Entry): Fault | undefined {
  try {
    return (APPLY[entry.kind] as Apply<EntryKind>)(yard, entry as EntryOf<EntryKind>);
  } catch (error) {
    if (error instanceof TransferStopped) return { ...error.fault, entry: entry.id };
    throw error;
  }
}
