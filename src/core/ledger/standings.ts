import type { VesselState, YardState } from "./state";

/** A yard remembers so many standings that were looked at: grain sizes are learnt from the latest. */
const MOST = 200;

/** Keeps what was read of a vessel before its clock starts again; without a reading there is nothing to keep. */
export function keepStanding(yard: YardState, state: VesselState): void {
  if (state.stirredAt === null || (state.dips.length === 0 && state.jars.length === 0)) return;
  // A new list each time: an entry that turns out to be a fault puts the old one back.
  yard.standings = [
    ...yard.standings.slice(1 - MOST),
    {
      vessel: state.vessel,
      since: state.stirredAt,
      contents: state.contents,
      warmCelsius: state.warmCelsius,
      drawnLitres: state.drawnLitres,
      dips: state.dips,
      jars: state.jars,
    },
  ];
}
