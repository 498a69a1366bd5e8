/** What every part has: an id that hoses name, and what its builder calls it. */
interface Part {
  readonly id: string;
  readonly name: string;
}

export interface TankPart extends Part {
  readonly kind: "tank";
  /** A vehicle with one tank has only the oil's. */
  readonly holds: "diesel" | "oil";
}
/** Where fuel leaves a tank; warmed by coolant where `uaWPerK` is above nought. */
export interface PickUp extends Part {
  readonly kind: "pick-up";
  readonly litres: number;
  readonly uaWPerK: number;
}
export interface Sock extends Part {
  readonly kind: "sock";
}
export interface Trap extends Part {
  readonly kind: "trap";
  readonly litres: number;
}
export interface FilterPart extends Part {
  readonly kind: "filter";
  readonly litres: number;
  readonly ratingUm: number;
}
/** Moves fuel by itself at some of a control's positions; at rest it lets fuel through, or holds it. */
export interface LiftPump extends Part {
  readonly kind: "lift-pump";
  readonly litresPerMinute: number;
  /** Null: it only helps the injection pump, and runs with the engine. */
  readonly pushes: When | null;
}
export interface HeaterPart extends Part {
  readonly kind: "heater";
  readonly watts: number;
  readonly litres: number;
}
export interface Exchanger extends Part {
  readonly kind: "exchanger";
  readonly uaWPerK: number;
  readonly litres: number;
}
export interface GaugePart extends Part {
  readonly kind: "gauge";
  readonly reads: "temperature" | "pressure" | "restriction";
}
export interface Tee extends Part {
  readonly kind: "tee";
}
/** Lets fuel through one way only. */
export interface Check extends Part {
  readonly kind: "check";
}

/** What turns a valve: at these positions of a control it is turned, at the others it rests. */
export interface When {
  readonly control: string;
  readonly at: readonly string[];
}
/** Without power a solenoid rests, a hand valve stays where the hand left it, and so does a motor. */
export type Mover = "hand" | "solenoid" | "motor";

interface Valve extends Part {
  readonly moved: Mover;
  readonly turned: When;
  /** Plumbed the wrong way round: it rests where it should be turned to. */
  readonly isReversed?: boolean | undefined;
}
/** At rest `common` meets `a`; turned, it meets `b`. */
export interface ThreeWay extends Valve {
  readonly kind: "three-way";
}
/** At rest it is shut; turned, it is open. */
export interface ShutOff extends Valve {
  readonly kind: "shut-off";
}
/** Takes `litresPerMinute`, of which the engine burns some; the rest comes out of `back`. */
export interface InjectionPump extends Part {
  readonly kind: "injection-pump";
  readonly litresPerMinute: number;
}

export type RigPart =
  | TankPart
  | PickUp
  | Sock
  | Trap
  | FilterPart
  | LiftPump
  | HeaterPart
  | Exchanger
  | GaugePart
  | Tee
  | Check
  | ThreeWay
  | ShutOff
  | InjectionPump;
export type PartKind = RigPart["kind"];
export type ValvePart = ThreeWay | ShutOff;

/** Where hoses are screwed on, and what a person calls the kind. */
export const PART_KINDS: Readonly<Record<PartKind, { readonly name: string; readonly ports: readonly string[] }>> = {
  tank: { name: "Tank", ports: ["out", "back"] },
  "pick-up": { name: "Pick-up", ports: ["in", "out"] },
  sock: { name: "Sock in the tank", ports: ["in", "out"] },
  trap: { name: "Water trap", ports: ["in", "out"] },
  filter: { name: "Filter", ports: ["in", "out"] },
  "lift-pump": { name: "Lift pump", ports: ["in", "out"] },
  heater: { name: "Electric heater", ports: ["in", "out"] },
  exchanger: { name: "Exchanger", ports: ["in", "out"] },
  gauge: { name: "Gauge", ports: ["in", "out"] },
  tee: { name: "Tee", ports: ["a", "b", "c"] },
  check: { name: "One-way valve", ports: ["in", "out"] },
  "three-way": { name: "Three-way valve", ports: ["common", "a", "b"] },
  "shut-off": { name: "Shut-off valve", ports: ["in", "out"] },
  "injection-pump": { name: "Injection pump", ports: ["in", "back"] },
};

export const isValve = (p: RigPart): p is ValvePart => p.kind === "three-way" || p.kind === "shut-off";

/** Litres that stand in a part; a valve, a gauge or a sock holds none to speak of. */
export const litresIn = (p: RigPart): number => ("litres" in p ? p.litres : 0);

/** A hose from one part's port to another's, as `part.port`. */
export interface Hose {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  readonly lengthMm: number;
  readonly boreMm: number;
}

/** Litres in a hose: π/4·d²·L. */
export const hoseLitres = (h: Hose): number => ((Math.PI / 4) * h.boreMm ** 2 * h.lengthMm) / 1e6;

/** Every way the controls can stand is tried: more than these nobody could drive with. */
export const MOST_CONTROLS = 4;
export const MOST_POSITIONS = 4;

/** What a driver's hand is on; its first position is where it is left. */
export interface Control {
  readonly id: string;
  readonly name: string;
  readonly positions: readonly string[];
  /** Turns by itself while it stands on `auto`: to oil at the trip, back at the reset, and back at the cut-out. */
  readonly thermostat?:
    | { readonly tripCelsius: number; readonly resetCelsius: number; readonly cutOutCelsius: number }
    | undefined;
}

/** A vehicle's fuel loop: parts, hoses between their ports, and what moves the valves. */
export interface Rig {
  /** The shelf arrangement it began as. */
  readonly from: string;
  readonly parts: readonly RigPart[];
  readonly hoses: readonly Hose[];
  readonly controls: readonly Control[];
}

export const partOfPort = (port: string): string => port.slice(0, port.lastIndexOf("."));
export const portOf = (part: { readonly id: string }, port: string): string => `${part.id}.${port}`;

/** What a tank is for, by its part's id; nothing where there is no such tank. */
export function holdsOf(rig: Pick<Rig, "parts">, tank: string): TankPart["holds"] | undefined {
  const part = rig.parts.find((p) => p.id === tank);
  return part?.kind === "tank" ? part.holds : undefined;
}
