import type { Station, VesselId } from "../ledger";
import type { YardReading } from "../readings";
import type { BlendMatter } from "./rules/blend";
import type { DriveMatter } from "./rules/drive";
import type { KettleMatter } from "./rules/kettle";
import type { RawMatter } from "./rules/raw";
import type { RoundsMatter } from "./rules/rounds";
import type { SettleMatter } from "./rules/settle";
import type { StoreMatter } from "./rules/store";

/** What to do next and why, as data; the interface words it. */
export type Advice = {
  readonly id: string;
  /** When it is due; in the past means now. */
  readonly dueAt: string;
  readonly station: Station;
  readonly vessel?: VesselId;
} & AdviceMatter;

/** What it is about; each station's rules say their own. */
type AdviceMatter = BlendMatter | DriveMatter | KettleMatter | RawMatter | RoundsMatter | SettleMatter | StoreMatter;

/** Reads the yard and says what to do; in its station's list, and so in the house. */
export interface Rule {
  /** At one moment what hurts most comes first: 1 before 2. */
  readonly rank: number;
  advise(reading: YardReading): Advice[];
}
