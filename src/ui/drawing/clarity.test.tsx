import { render } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { ClarityJar } from "..";

const hidden = (step: number): number => {
  const { container } = render(<ClarityJar step={step} />);
  return Number(container.querySelector("rect[fill-opacity]")?.getAttribute("fill-opacity"));
};

describe("a jar before a printed page", () => {
  it("hides more of the print at every step, and all of it as stirred", () => {
    const steps = [1, 2, 3, 4, 5].map(hidden);
    for (const [i, h] of steps.entries()) if (i > 0) expect(h).toBeGreaterThan(steps[i - 1] ?? 1);
    expect(steps[4]).toBe(1);
  });
  it("draws the nearest step for one that is none", () => {
    expect(hidden(0)).toBe(hidden(1));
    expect(hidden(9)).toBe(hidden(5));
  });
});
