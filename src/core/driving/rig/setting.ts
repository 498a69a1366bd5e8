import { type Control, isValve, type Rig, type RigPart, type ValvePart, type When } from "./parts";

/** How a rig stands at a moment. */
export interface Setting {
  readonly power: boolean;
  /** Whether the engine turns its injection pump. */
  readonly runs: boolean;
  /** A control's position, by its id; one that is not named is at its first. */
  readonly at: Readonly<Record<string, string>>;
  /** A valve that does not move any more, by its id: whether it stuck turned. */
  readonly stuck?: Readonly<Record<string, boolean>> | undefined;
  /** What a thermostat on its own makes of the temperature: to oil or back. */
  readonly isHot?: boolean | undefined;
}

/** Where a thermostat decides. */
export const AUTO = "auto";

export const positionOf = (control: Control, setting: Setting): string =>
  setting.at[control.id] ?? control.positions[0] ?? "";

/** Whether a thermostat turns to oil: from its trip on, back at its reset, and back again where it gets too hot. */
export function thermostatSays(t: NonNullable<Control["thermostat"]>, wasHot: boolean, oilCelsius: number): boolean {
  if (oilCelsius >= t.cutOutCelsius) return false;
  return wasHot ? oilCelsius > t.resetCelsius : oilCelsius >= t.tripCelsius;
}

/** The thermostat that decides now; null where none stands on its own. */
export const decidingThermostat = (rig: Rig, setting: Setting): NonNullable<Control["thermostat"]> | null =>
  rig.controls.find((c) => c.thermostat && positionOf(c, setting) === AUTO)?.thermostat ?? null;

/** The position that counts: what a thermostat makes of `auto`. */
function actingPosition(control: Control, setting: Setting): string {
  const position = positionOf(control, setting);
  return control.thermostat && position === AUTO ? (setting.isHot ? "oil" : "diesel") : position;
}

/** Whether a control stands where something is to turn. */
export function isAsked(rig: Rig, when: When, setting: Setting): boolean {
  const control = rig.controls.find((c) => c.id === when.control);
  return control !== undefined && when.at.includes(actingPosition(control, setting));
}

/** Whether a valve is turned, and not at rest. Without power a solenoid rests; hand and motor stay as they were put. */
export function isTurned(rig: Rig, valve: ValvePart, setting: Setting): boolean {
  const stuck = setting.stuck?.[valve.id];
  if (stuck !== undefined) return stuck;
  const asked = isAsked(rig, valve.turned, setting) && (valve.moved !== "solenoid" || setting.power);
  return valve.isReversed ? !asked : asked;
}

/** Ports of a part that fuel passes between as it stands, the first upstream where that is known. */
export function passesOf(rig: Rig, part: RigPart, setting: Setting): readonly (readonly [string, string])[] {
  if (part.kind === "tank" || part.kind === "injection-pump") return [];
  if (part.kind === "tee")
    return [
      ["a", "b"],
      ["b", "c"],
    ];
  if (!isValve(part)) return [["in", "out"]];
  const turned = isTurned(rig, part, setting);
  if (part.kind === "shut-off") return turned ? [["in", "out"]] : [];
  return [["common", turned ? "b" : "a"]];
}

/** A pump that pushes by itself, now. */
export const isPushing = (rig: Rig, part: RigPart, setting: Setting): boolean =>
  part.kind === "lift-pump" && part.pushes !== null && setting.power && isAsked(rig, part.pushes, setting);
