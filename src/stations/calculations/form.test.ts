import { describe, expect, it } from "vitest";
import { calculationNamed, describeCalculation, EVERY_CALCULATION } from "@/core/calculations";
import { wordCalculationError } from "@/ui/words";
import { messagesOf, readForm, textsOf } from "./form";

const described = EVERY_CALCULATION.map(describeCalculation);
const { inputs } = describeCalculation(calculationNamed("flow-cup"));

describe("the form of a calculation", () => {
  it.each(described.map((d) => [d.name, d] as const))("%s reads its own example back", (name, d) => {
    const { input, messages } = readForm(d.inputs, textsOf(d.inputs, d.example));
    expect(messages).toEqual({});
    expect(calculationNamed(name as never).input.safeParse(input).success).toBe(true);
  });
  it("says what cannot be read at its field, and loses nothing", () => {
    const texts = { calibration: "[[4, 14]", seconds: "soon" };
    const { input, messages } = readForm(inputs, texts);
    expect(input).toEqual({});
    expect(messages.calibration).toContain("not complete JSON");
    expect(messages.seconds).toBe("“soon” is not a number.");
  });
  it("takes figures as people and as programs write them", () => {
    const read = (seconds: string) => readForm(inputs, { calibration: "[]", seconds }).input.seconds;
    expect(read("49,7")).toBe(49.7);
    expect(read("4.97e1")).toBe(49.7);
    expect(readForm(inputs, { calibration: "[]", seconds: "1,802" }).messages.seconds).toContain("thousand");
    expect(readForm(inputs, { calibration: "[]", seconds: "" }).messages.seconds).toBe("Type a number.");
  });
  it("puts a calculation's complaint at the field it belongs to, and the rest by itself", () => {
    const word = wordCalculationError;
    const issues = [{ field: "calibration.0.1", reason: "is missing" }];
    expect(messagesOf({ code: "invalid-input", issues }, word)).toEqual({ calibration: "calibration.0.1 is missing." });
    expect(messagesOf({ code: "refused", field: "seconds", reason: "too quick" }, word)).toHaveProperty("seconds");
    expect(messagesOf({ code: "unknown-calculation", name: "x" }, word)).toHaveProperty([""]);
  });
});
