import type { VesselRole } from "@/core/ledger";
import { capacityLitres, SHAPE_LIST, usualLook, type VesselForm, type VesselLook } from "@/core/vessels";
import type { Units } from "@/ui/words";

/** Containers as they come, read off the shapes; what each is usually for. */
export interface VesselPreset extends VesselForm {
  readonly key: string;
  readonly name: string;
  readonly role: VesselRole;
  readonly look: VesselLook;
  readonly litres: number;
}

/** Under this much it is carried about with raw oil; more stands and settles, unless it is plainly for something else. */
const CARRIED_LITRES = 30;
const ROLE_BY_LOOK: Partial<Record<VesselLook, VesselRole>> = {
  cone: "settler",
  tub: "feed",
  tank: "tank",
  kettle: "kettle",
  bottle: "thinner",
};

const keyOf = (name: string): string =>
  name
    .replace(/^[\d,]+ L /, "")
    .toLowerCase()
    .replaceAll(" ", "-");

export const PRESETS: readonly VesselPreset[] = SHAPE_LIST.flatMap((model) =>
  model.presets.map((preset): VesselPreset => {
    const form = { shape: preset.shape, rimMm: preset.rimMm };
    const look = preset.look ?? usualLook(form);
    const litres = capacityLitres(form);
    return {
      ...form,
      key: keyOf(preset.name),
      name: preset.name,
      look,
      litres,
      role: ROLE_BY_LOOK[look] ?? (litres > CARRIED_LITRES ? "settling" : "raw"),
    };
  }),
);

/** As they are offered: what they are, and what they hold in the owner's unit. */
export const presetOptions = (units: Units) =>
  PRESETS.map((p) => ({ value: p.key, name: kindOf(p.name), detail: `holds ${units.litres(p.litres)}` }));

/** "Lying drum", of "Lying 200 L drum". */
const kindOf = (name: string): string => {
  const bare = name.replace(/[\d,]+ L /, "");
  return bare.charAt(0).toUpperCase() + bare.slice(1);
};

export function presetOf(key: string): VesselPreset {
  const found = PRESETS.find((p) => p.key === key) ?? PRESETS[0];
  if (!found) throw new Error("no presets");
  return found;
}
