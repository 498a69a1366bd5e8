import type { SourceState, Visit } from "../../ledger";
import type { Waiting } from "./waiting";
import type { SourceWorth } from "./worth";

/** A source with what waits there and what its oil has been worth. Its calls are asked for by the page that lists them. */
export interface SourceView extends Omit<SourceState, "visits">, SourceWorth {
  readonly waiting: Waiting;
  /** The latest call. */
  readonly lastVisit: Visit | null;
}
