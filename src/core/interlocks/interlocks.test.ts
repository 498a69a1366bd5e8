import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FLUID_IDS } from "../fluids";
import {
  askStep,
  DRIVES,
  isCleared,
  MATERIALS,
  NEEDS,
  NEVER,
  OPERATIONS,
  RECEIVERS,
  type Receiver,
  type Step,
} from ".";

const drum: Receiver = {
  place: "vessel",
  open: true,
  heated: false,
  material: "steel",
  ratedPa: null,
  parts: [],
  celsius: 15,
  roomLitres: 200,
};
const pour: Step = {
  operation: "pour",
  parts: [{ substance: "canola", amount: 50 }],
  celsius: 15,
  into: drum,
  drive: "gravity",
  pressurePa: 0,
  housingsPa: [],
  acidPurity: null,
  fatLimitShare: 0.05,
  unattended: null,
};
const petrol = [
  { substance: "canola" as const, amount: 99 },
  { substance: "petrol" as const, amount: 1 },
];
const refused = (step: Step): string[] => askStep(step).refusals.map((r) => r.code);
const needed = (step: Step): string[] => askStep(step).needs.map((n) => n.code);
const into = (over: Partial<Receiver>): Receiver => ({ ...drum, ...over });

const substance = fc.constantFrom(...FLUID_IDS, "water", "sludge", "methanol", "methoxide", "lye", "sulfuric-acid");
const parts = fc.array(fc.record({ substance, amount: fc.double({ min: 0.01, max: 100, noNaN: true }) }), {
  maxLength: 4,
});
const anyStep: fc.Arbitrary<Step> = fc.record({
  operation: fc.constantFrom(...OPERATIONS),
  parts,
  celsius: fc.double({ min: -20, max: 150, noNaN: true }),
  into: fc.record({
    place: fc.constantFrom(...RECEIVERS),
    open: fc.boolean(),
    heated: fc.boolean(),
    material: fc.constantFrom(...MATERIALS),
    ratedPa: fc.constantFrom(null, 2e5),
    parts,
    celsius: fc.double({ min: -20, max: 150, noNaN: true }),
    roomLitres: fc.double({ min: 0, max: 300, noNaN: true }),
  }),
  drive: fc.constantFrom(...DRIVES),
  pressurePa: fc.constantFrom(0, 1e5, 4e5),
  housingsPa: fc.constantFrom([], [1.5e5]),
  acidPurity: fc.constantFrom(null, 0.35, 0.96),
  fatLimitShare: fc.constant(0.05),
  unattended: fc.constant(null),
});

describe("an ordinary pour", () => {
  it("is offered with nothing in its way", () => expect(askStep(pour)).toEqual({ refusals: [], needs: [] }));
});

describe("petrol, in any share", () => {
  it("never meets a centrifuge, heat, a kettle, compressed air or a brush motor", () => {
    const step = { ...pour, parts: petrol };
    expect(refused({ ...step, operation: "centrifuge" })).toContain("petrol-in-centrifuge");
    expect(refused({ ...step, operation: "heat" })).toContain("petrol-heated");
    expect(refused({ ...step, into: into({ heated: true }) })).toContain("petrol-heated");
    expect(refused({ ...step, into: into({ place: "kettle" }) })).toContain("petrol-in-kettle");
    expect(refused({ ...step, drive: "compressed-air" })).toContain("petrol-by-air");
    expect(refused({ ...step, drive: "brush-motor-pump" })).toContain("petrol-by-brush-motor");
  });
  it("counts what is there already as much as what is poured on it", () => {
    expect(refused({ ...pour, into: into({ place: "kettle", parts: petrol }) })).toContain("petrol-in-kettle");
  });
  it("is mixed and drained outside the vehicle, and needs earthing, a vented cap and open air", () => {
    const tank = into({ place: "vehicle-tank" });
    expect(refused({ ...pour, operation: "blend", parts: petrol, into: tank })).toEqual(["petrol-mixed-in-vehicle"]);
    expect(refused({ ...pour, parts: [{ substance: "petrol", amount: 5 }], into: tank })).toEqual([
      "neat-petrol-into-vehicle",
    ]);
    const fill = { ...pour, operation: "fill-vehicle" as const, parts: petrol, into: tank };
    expect(refused(fill)).toEqual([]);
    expect(needed(fill)).toEqual(["bond-and-earth", "vented-cap", "outdoors", "stand-and-drain-first"]);
  });
  it("whatever else the step is", () => {
    fc.assert(
      fc.property(anyStep, (drawn) => {
        const step = { ...drawn, parts: [...drawn.parts, { substance: "petrol" as const, amount: 0.01 }] };
        const hazardous =
          ["centrifuge", "heat", "react"].includes(step.operation) ||
          ["kettle", "centrifuge"].includes(step.into.place) ||
          step.into.heated ||
          ["compressed-air", "brush-motor-pump"].includes(step.drive);
        if (hazardous) expect(isCleared(askStep(step))).toBe(false);
      }),
    );
  });
});

describe("heat", () => {
  it("stops ten kelvin under the flash in the open, and not in a closed vessel", () => {
    const warm = (celsius: number, open: boolean) =>
      refused({
        ...pour,
        operation: "heat",
        parts: [{ substance: "diesel", amount: 10 }],
        celsius,
        into: into({ open }),
      });
    expect(warm(51, true)).toEqual([]);
    expect(warm(52, true)).toEqual(["near-flash"]);
    expect(warm(90, false)).toEqual([]);
  });
  it("leaves methanol shut in over 60 °C", () => {
    const react = (celsius: number, open: boolean) =>
      refused({
        ...pour,
        operation: "react",
        parts: [{ substance: "methoxide", amount: 16 }],
        celsius,
        into: into({ open }),
      });
    expect(react(65, true)).toContain("methanol-hot-and-open");
    expect(react(65, false)).toEqual([]);
  });
  it("keeps water out of hot oil: by itself over 60 °C, in wet oil near the boil", () => {
    const hot = (celsius: number) => into({ celsius, parts: [{ substance: "canola", amount: 80 }] });
    const water = [{ substance: "water" as const, amount: 8 }];
    const wet = [...pour.parts, { substance: "water" as const, amount: 1 }];
    expect(refused({ ...pour, parts: water, into: hot(59) })).toEqual([]);
    expect(refused({ ...pour, parts: water, into: hot(61) })).toEqual(["water-into-hot-oil"]);
    expect(refused({ ...pour, parts: wet, into: hot(70) })).toEqual([]);
    expect(refused({ ...pour, parts: wet, into: hot(100) })).toEqual(["water-into-hot-oil"]);
    expect(refused({ ...pour, parts: water, into: into({ celsius: 100 }) })).toEqual([]);
  });
});

describe("lye and acid", () => {
  const lye = { ...pour, operation: "dose" as const, parts: [{ substance: "lye" as const, amount: 1 }] };
  it("eat metals and swell rubber; what is not known must be found out", () => {
    for (const material of ["aluminium", "zinc", "galvanised", "tin", "copper", "brass"] as const)
      expect(refused({ ...lye, into: into({ material }) })).toEqual(["caustic-eats-metal"]);
    expect(refused({ ...lye, into: into({ material: "natural-rubber" }) })).toEqual(["caustic-swells-rubber"]);
    expect(refused({ ...lye, into: into({ material: "polyethylene" }) })).toEqual([]);
    expect(needed({ ...lye, into: into({ material: "unknown" }) })).toContain("know-the-material");
    expect(needed(lye)).toContain("lye-into-methanol");
  });
  it("battery acid is refused, and so is acid of unknown strength", () => {
    const acid = (acidPurity: number | null) =>
      refused({ ...pour, operation: "dose", parts: [{ substance: "sulfuric-acid", amount: 1 }], acidPurity });
    expect(acid(0.35)).toEqual(["battery-acid"]);
    expect(acid(null)).toEqual(["battery-acid"]);
    expect(acid(0.96)).toEqual([]);
  });
});

describe("pressure, cream and flows left alone", () => {
  it("asks the weakest part", () => {
    const press = (ratedPa: number | null, housingsPa: number[]) =>
      refused({ ...pour, operation: "filter", pressurePa: 1e5, into: into({ ratedPa }), housingsPa });
    expect(press(null, [])).toEqual(["not-rated-for-pressure"]);
    expect(press(2e5, [0.8e5])).toEqual(["over-pressure"]);
    expect(press(2e5, [1.5e5])).toEqual([]);
  });
  it("keeps creamy oil out of a vehicle's tank", () => {
    const fill = (fat: number) =>
      refused({
        ...pour,
        operation: "fill-vehicle",
        parts: [...pour.parts, { substance: "fryer-fat", amount: fat }],
        into: into({ place: "vehicle-tank" }),
      });
    expect(fill(2)).toEqual([]);
    expect(fill(5)).toEqual(["creamy-into-vehicle"]);
    const oil = pour.parts.reduce((sum, p) => sum + p.amount, 0);
    const at = (share: number): number => (oil * share) / (1 - share);
    expect(fill(at(pour.fatLimitShare - 1e-9))).toEqual([]);
    expect(fill(at(pour.fatLimitShare + 1e-9))).toEqual(["creamy-into-vehicle"]);
  });
  it("ends a flow left alone before the receiver or the battery does, and asks for an alarm", () => {
    const alone = { litres: 100, litresPerHour: 20, batteryWh: 100, pumpW: 15 };
    expect(refused({ ...pour, unattended: alone })).toEqual([]);
    expect(askStep({ ...pour, unattended: alone }).needs).toContainEqual({ code: "alarm-before", endsInHours: 5 });
    expect(refused({ ...pour, unattended: { ...alone, litres: 250 } })).toEqual(["receiver-overflows", "battery-dies"]);
    expect(refused({ ...pour, unattended: { ...alone, batteryWh: null, litres: 190 } })).toEqual([]);
  });
});

it("every row of the table can be met, and none is met by an empty hand", () => {
  const met = new Set<string>();
  fc.assert(
    fc.property(anyStep, (step) => {
      const { refusals, needs } = askStep(step);
      for (const { code } of [...refusals, ...needs]) met.add(code);
      expect(askStep({ ...step, parts: [], pressurePa: 0, celsius: 15, into: { ...step.into, parts: [] } })).toEqual({
        refusals: [],
        needs: [],
      });
    }),
    { numRuns: 3000 },
  );
  expect([...NEVER, ...NEEDS].map((row) => row.code).filter((code) => !met.has(code))).toEqual([]);
});
