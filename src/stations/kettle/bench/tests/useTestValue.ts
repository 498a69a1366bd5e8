"use client";
import { FLUIDS, hydrometerRho15KgPerL } from "@/core/fluids";
import { type Base, type FuelTest, freeAcid, soapPpm, weighTestPct } from "@/core/kettle";
import { parsePlain } from "@/core/units";
import { type NumberInput, useAmount, useNumber, useUnits } from "@/desk";

export interface TestField {
  readonly label: string;
  readonly suffix?: string;
  readonly of: NumberInput;
}

export interface TestInput {
  readonly fields: readonly TestField[];
  /** What it comes to, in the test's own unit; null while something is missing. */
  readonly value: number | null;
  /** As it was read, kept with it. */
  readonly read: string;
}

const PPM_PER_PCT = 10_000;

/** What each test asks for, and what that comes to. */
export function useTestValue(test: FuelTest, base: Base): TestInput {
  const units = useUnits();
  const a = useNumber("", parsePlain);
  const b = useNumber("", parsePlain);
  const c = useNumber(test === "soap" ? "0.01" : "1", parsePlain);
  const d = useNumber("1", parsePlain);
  const t = useAmount(units.temperature, null);
  const x = a.value;
  const y = b.value;
  switch (test) {
    case "solubility":
      return {
        fields: [
          { label: "Fuel", suffix: "mL", of: a },
          { label: "Fell out", suffix: "mL", of: b },
        ],
        value: x !== null && y !== null && x > 0 && y >= 0 && y <= x ? y / x : null,
        read: `${b.text} of ${a.text} mL fell out`,
      };
    case "soap":
      return {
        fields: [
          { label: "Acid used", suffix: "mL", of: a },
          { label: "Sample", suffix: "g", of: b },
          { label: "Acid, normality", suffix: "N", of: c },
        ],
        value:
          x !== null && y !== null && c.value !== null && x >= 0 && y > 0 && c.value > 0
            ? soapPpm(x, c.value, base, y)
            : null,
        read: `${a.text} mL of ${c.text} N for ${b.text} g`,
      };
    case "water":
      return {
        fields: [
          { label: "Before", suffix: "g", of: a },
          { label: "After", suffix: "g", of: b },
        ],
        value: x !== null && y !== null && x > 0 && y > 0 && y <= x ? weighTestPct(x, y) * PPM_PER_PCT : null,
        read: `${a.text} to ${b.text} g`,
      };
    case "wash-ph":
      return {
        fields: [{ label: "pH", of: a }],
        value: x !== null && x >= 0 && x <= 14 ? x : null,
        read: `pH ${a.text}`,
      };
    case "cold-jar":
      return { fields: [], value: null, read: "" };
    case "density":
      return {
        fields: [
          { label: "Hydrometer", suffix: "kg/L", of: a },
          { label: "Read at", of: t },
        ],
        value:
          x !== null && t.value !== null && x > 0.5 && x < 1.3
            ? hydrometerRho15KgPerL(x, t.value, FLUIDS.biodiesel)
            : null,
        read: `${a.text} kg/L at ${t.text} ${t.unit ?? ""}`,
      };
    case "acid-number":
      return {
        fields: [
          { label: "Titrant, blank off", suffix: "mL", of: a },
          { label: "Fuel in the sample", suffix: "mL", of: b },
          { label: "KOH in the titrant, pure", suffix: "g/L", of: d },
        ],
        value:
          x !== null && y !== null && d.value !== null && x >= 0 && y > 0 && d.value > 0
            ? freeAcid({
                titrantMl: x,
                titrantGPerL: d.value,
                base: "KOH",
                oilMl: y,
                oilKgPerL: FLUIDS.biodiesel.rho15KgPerL,
                titrantPurity: 1,
              }).acidNumber
            : null,
        read: `${a.text} mL for ${b.text} mL`,
      };
  }
}
