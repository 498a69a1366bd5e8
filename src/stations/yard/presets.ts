import type { VesselRole } from "@/core/ledger";
import { SHAPE_LIST, type Shape } from "@/core/vessels";

/** Containers as they come, read off the shapes; what each is usually for. */
export interface VesselPreset {
  readonly key: string;
  readonly name: string;
  readonly role: VesselRole;
  readonly shape: Shape;
  readonly rimMm: number;
}

/** Under this much it is carried about with raw oil; more stands and settles, unless its name says otherwise. */
const CARRIED_LITRES = 30;
const ROLE_BY_NAME: readonly (readonly [RegExp, VesselRole])[] = [
  [/cone/, "settler"],
  [/tub/, "feed"],
  [/60 L tank/, "tank"],
];

const keyOf = (name: string): string =>
  name
    .replace(/^[\d,]+ L /, "")
    .toLowerCase()
    .replaceAll(" ", "-");

const litresIn = (name: string): number => Number(/^([\d,]+) L/.exec(name)?.[1]?.replaceAll(",", "") ?? "0");

export const PRESETS: readonly VesselPreset[] = SHAPE_LIST.flatMap((model) =>
  model.presets.map(({ name, shape, rimMm }) => ({
    key: keyOf(name),
    name,
    shape,
    rimMm,
    role: ROLE_BY_NAME.find(([said]) => said.test(name))?.[1] ?? (litresIn(name) > CARRIED_LITRES ? "settling" : "raw"),
  })),
);
