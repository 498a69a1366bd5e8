import { lineOf } from "./line";
import { standsOf } from "./modes";
import { hoseLitres, litresIn, type Rig } from "./parts";

/** A rig with an injection pump of so much flow. */
export const withPumpFlow = (rig: Rig, litresPerMinute: number): Rig => ({
  ...rig,
  parts: rig.parts.map((p) => (p.kind === "injection-pump" ? { ...p, litresPerMinute } : p)),
});

/** A rig whose hoses are as long as makes its line hold so many litres; as it is where it has no line to purge. */
export function withLineLitres(rig: Rig, lineLitres: number, burnLitresPerMinute: number): Rig {
  const line = lineOf(rig, standsOf(rig, burnLitresPerMinute), burnLitresPerMinute, null);
  if (!line) return rig;
  const by = lineLitres / line.lineLitres;
  return {
    ...rig,
    hoses: rig.hoses.map((h) => ({ ...h, lengthMm: h.lengthMm * by })),
    parts: rig.parts.map((p) => ("litres" in p ? { ...p, litres: p.litres * by } : p)),
  };
}

/** Litres in all hoses and parts, tanks left out. */
export const rigLitres = (rig: Rig): number =>
  rig.hoses.reduce((sum, h) => sum + hoseLitres(h), 0) + rig.parts.reduce((sum, p) => sum + litresIn(p), 0);
