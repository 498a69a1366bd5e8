import { render, screen, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { calculate, calculationNamed, describeCalculation, type InputOf } from "@/core/calculations";
import { waitedFor } from "@/core/settling";
import type { YardSession } from "@/store/session";
import { openTestYard, TestYard } from "@/store/testing";
import { AnswerList } from "./AnswerList";

let session: YardSession;
beforeEach(async () => {
  session = await openTestYard([], "2026-11-24T13:32:00.000Z");
});
afterEach(() => session.close());

function show<N extends "settle-forecast" | "filling-rate" | "top-up" | "reaction">(name: N, input: InputOf<N>) {
  const answer = calculate(name, input);
  if (!answer.ok) throw new Error(JSON.stringify(answer.error));
  const { outputs, answer: main } = describeCalculation(calculationNamed(name));
  return render(
    <TestYard session={session}>
      <AnswerList fields={outputs} answer={answer.value as Record<string, unknown>} main={main} />
    </TestYard>,
  );
}

describe("an answer's figures", () => {
  it("a list of things is a table under its own names", () => {
    show("settle-forecast", calculationNamed("settle-forecast").example as InputOf<"settle-forecast">);
    const rows = screen.getAllByRole("row");
    expect(rows).toHaveLength(1 + waitedFor("meaty-fryer", 16).length);
    expect(rows[0]?.textContent).toContain("Gone above");
    expect(within(rows[1] as HTMLElement).getByText("crumbs 40 µm")).toBeDefined();
    expect(screen.getByText("What it waits for").nextSibling?.textContent).toBe("fines 16 µm");
  });
  it("an object is told by its parts, with what has no answer as none", () => {
    const { container } = show("filling-rate", {
      pickups: [],
      daysSince: 10,
      containerLitres: 1e5,
      priorLitresPerDay: 0.01,
    });
    expect(container.textContent).toContain("At the latest");
    expect(container.textContent).toContain("none");
  });
  it("no answer is none, with its reason in words", () => {
    const tank = { oil: "canola", thinner: "kerosene", celsius: 0, limitMm2PerS: 15, capacityLitres: 50 } as const;
    const { container } = show("top-up", { ...tank, contents: [{ fluid: "canola", litres: 50 }] });
    expect(container.textContent).toContain("none pour thinner");
    expect(container.textContent).toContain("tank full");
  });
  it("a row of figures is read off in order", () => {
    const { container } = show("reaction", { oil: "canola", celsius: 55, molarRatio: 6, minutes: [0, 90] });
    expect(container.textContent).toMatch(/Oil left in the model100 %, \d/);
  });
});
