import { render, screen, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { StepCheck, WhyPanel } from "..";

const effect = (name: string, lowShare: number | null, highShare: number | null) => ({
  name,
  low: lowShare === null ? "none" : `${lowShare * 20} days`,
  high: highShare === null ? "none" : `${highShare * 20} days`,
  lowShare,
  highShare,
});
const why = {
  equation: "∫v dt = h",
  source: "Stokes 1851",
  range: "−40 to 150 °C.",
  inputs: [{ name: "Grain size", value: "20 µm" }],
  readings: "6 dips of your own, good.",
  answer: { name: "Ready after", value: "20 days" },
};

describe("the Why panel", () => {
  it("says the answer, its equation, source, range, readings and inputs", () => {
    const { container } = render(<WhyPanel {...why} likely="15 to 27 days" effects={[]} />);
    for (const words of [
      "Ready after: 20 days",
      "Likely 15 to 27 days.",
      "∫v dt = h",
      "Source: Stokes 1851.",
      "6 dips",
    ])
      expect(container.textContent).toContain(words);
    expect(screen.getByText("20 µm")).toBeDefined();
    expect(container.textContent).toContain("changes nothing");
  });
  it("draws the strongest to both sides of today's answer, with the figures beside them", () => {
    const effects = [effect("Grain size", 1.23, 0.83), effect("Fall", 0.9, 1.1), effect("Margin", null, 1)];
    const { container } = render(<WhyPanel {...why} effects={effects} />);
    const rows = screen.getAllByRole("row").slice(1);
    expect(rows).toHaveLength(3);
    expect(within(rows[0] as HTMLElement).getByText("24.6 days")).toBeDefined();
    expect(within(rows[2] as HTMLElement).getByText("none")).toBeDefined();
    const bars = [...container.querySelectorAll("td rect")].map((r) => [
      Number(r.getAttribute("x")),
      Number(r.getAttribute("width")),
    ]);
    const middle = 48;
    // Less of it takes longer: to the right. More is quicker: to the left, and the longest bar fills its half.
    expect(bars[0]).toEqual([middle, middle - 2]);
    expect((bars[1]?.[0] ?? 0) + (bars[1]?.[1] ?? 0)).toBeCloseTo(middle, 9);
    expect(bars[4]?.[1]).toBe(0);
  });
});

describe("the interlocks' word", () => {
  it("is nothing where nothing is in the way, a refusal before a need", () => {
    const { container, rerender } = render(<StepCheck refusals={[]} needs={[]} />);
    expect(container.textContent).toBe("");
    rerender(<StepCheck refusals={[]} needs={["Earth the cans."]} />);
    expect(screen.getByRole("status").textContent).toBe("First: Earth the cans.");
    rerender(<StepCheck refusals={["Never heated."]} needs={["Earth the cans."]} />);
    expect(screen.getByRole("status").textContent).toBe("Not like this: Never heated.");
  });
});
