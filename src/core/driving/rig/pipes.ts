import type { Mode, Turn } from "./modes";
import { type Flows, flowsOf } from "./network";
import { astrayInto, type Outcome, outcomeOf } from "./outcome";
import { holdsOf } from "./parts";
import { fillsOf, type Running } from "./run";
import { type Moment, modeAt, oilAtPump, type Plumbed } from "./sequence";

/** What is in a hose or a part now, by share, and how it flows: L/min from its `from` to its `to`, or against that. */
export interface Pipe {
  readonly oil: number;
  readonly air: number;
  readonly litresPerMinute: number;
}

/** Every hose and every part that holds fuel, by id: the cells that lie along it, each by its overlap. */
export function pipesOf(p: Plumbed, { run, setting }: Moment): Readonly<Record<string, Pipe>> {
  const flows: Flows = flowsOf(p.rig, setting, p.burnLitresPerMinute);
  const rate = new Map(flows.flows.map((f) => [f.of, f.litresPerMinute]));
  const oilTank = run.stores.tanks.findIndex((id) => holdsOf(p.rig, id) === "oil");
  const origins = run.stores.tanks.length + 1;
  const pipes: Record<string, Pipe> = {};
  for (const { chain, first, cells } of run.stores.chains) {
    const cellLitres = chain.litres / cells;
    let from = 0;
    for (const { of, litres } of chain.members) {
      const to = from + litres;
      const [firstCell, lastCell] = [Math.floor(from / cellLitres), Math.ceil(to / cellLitres) - 1];
      let [oil, air, seen] = [0, 0, 0];
      for (
        let c = Math.max(0, Math.min(cells - 1, firstCell));
        c <= Math.min(cells - 1, Math.max(firstCell, lastCell));
        c++
      ) {
        const weight = Math.max(1e-9, Math.min(to, (c + 1) * cellLitres) - Math.max(from, c * cellLitres));
        oil += (weight * (run.litres[(first + c) * origins + oilTank] ?? 0)) / cellLitres;
        air += (weight * (run.litres[(first + c) * origins + origins - 1] ?? 0)) / cellLitres;
        seen += weight;
      }
      pipes[of] = {
        oil: seen > 0 ? oil / seen : 0,
        air: seen > 0 ? air / seen : 0,
        litresPerMinute: rate.get(of) ?? 0,
      };
      from = to;
    }
  }
  return pipes;
}

/** What a turn would do, asked before it is made. */
export interface Foreseen {
  readonly mode: Mode;
  /** L/min of the oil tank's fuel into the diesel tank: what stands in the line now, and what goes on coming. */
  readonly oilIntoDieselNow: number;
  readonly oilIntoDieselThen: number;
  readonly dieselIntoOil: number;
  readonly starves: boolean;
  readonly isShutIn: boolean;
  /** A tank that would be full and run over, soon; null where none would. */
  readonly runsOver: { readonly tank: string; readonly inMinutes: number; readonly litres: number } | null;
  /** A tank that would be dry, so that air comes to the pump, soon. */
  readonly drawsAir: { readonly tank: string; readonly inMinutes: number } | null;
}

/** So far ahead is "soon": who turns a valve looks at it again by then. */
export const FORESEEN_MINUTES = 10;

/** Which of the tanks is full or dry first, as levels go with these flows: both are told with the minute. */
function levelsAhead(run: Running, { draws, returns }: Outcome): Pick<Foreseen, "runsOver" | "drawsAir"> {
  let [runsOver, drawsAir]: [Foreseen["runsOver"], Foreseen["drawsAir"]] = [null, null];
  for (const [tank, { litres, capacityLitres }] of Object.entries(fillsOf(run))) {
    const rises = (returns[tank] ?? 0) - (draws[tank] ?? 0);
    const fullIn = rises > 0 ? Math.max(0, capacityLitres - litres) / rises : Number.POSITIVE_INFINITY;
    const dryIn = rises < 0 ? litres / -rises : Number.POSITIVE_INFINITY;
    if (fullIn < FORESEEN_MINUTES && fullIn <= (runsOver?.inMinutes ?? fullIn))
      runsOver = { tank, inMinutes: fullIn, litres: rises * (FORESEEN_MINUTES - fullIn) };
    if (dryIn < FORESEEN_MINUTES && dryIn <= (drawsAir?.inMinutes ?? dryIn)) drawsAir = { tank, inMinutes: dryIn };
  }
  return { runsOver, drawsAir };
}

export function foresee(p: Plumbed, moment: Moment, turn: Turn): Foreseen {
  const setting = { ...moment.setting, runs: true, at: { ...moment.setting.at, [turn.control]: turn.position } };
  const o = outcomeOf(p.rig, setting, p.burnLitresPerMinute);
  const home = p.rig.parts
    .filter((t) => t.kind === "tank" && t.holds === "diesel")
    .reduce((sum, t) => sum + (o.returns[t.id] ?? 0), 0);
  return {
    mode: modeAt(p, setting),
    oilIntoDieselNow: home * oilAtPump(moment),
    oilIntoDieselThen: astrayInto(o, "diesel", p.rig),
    dieselIntoOil: astrayInto(o, "oil", p.rig),
    starves: o.starves,
    isShutIn: o.isShutIn,
    ...levelsAhead(moment.run, o),
  };
}
