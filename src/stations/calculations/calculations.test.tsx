import { fireEvent, render, screen, waitFor } from "@testing-library/react";
import type { ReactNode } from "react";
import { beforeEach, describe, expect, it } from "vitest";
import { describeCalculation, EVERY_CALCULATION } from "@/core/calculations";
import { page } from "@/store/page.testing";
import type { YardSession } from "@/store/session";
import { openTestYard, TestYard } from "@/store/testing";
import { CalculationsScreen } from ".";

const described = EVERY_CALCULATION.map(describeCalculation);
let session: YardSession;
beforeEach(async () => {
  page.path = "/calculations";
  session = await openTestYard([], "2026-11-24T13:32:00.000Z");
  return () => session.close();
});
const show = (what: ReactNode) => render(<TestYard session={session}>{what}</TestYard>);
const type = (label: string, text: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
};

describe("the calculations page", () => {
  it.each(described.map((d) => [d.name, d] as const))("%s works out its example", async (name, d) => {
    page.query = `name=${name}`;
    const { container } = show(<CalculationsScreen calculations={described} />);
    expect(screen.getByRole("heading", { level: 1 }).textContent).toBe(d.title);
    await waitFor(() => expect(container.textContent).not.toContain("Working it out"));
    expect(container.textContent).toContain(d.equation);
    expect(container.textContent).not.toMatch(/undefined|NaN|\[object|Infinity|No answer until/);
  });
  it("follows what is typed, says what is wrong at the field, and goes back to the example", async () => {
    page.query = "name=fining";
    show(<CalculationsScreen calculations={described} />);
    expect(await screen.findByText("400 g")).toBeDefined();
    type("Oil", "50");
    expect(await screen.findByText("200 g")).toBeDefined();
    type("Temperature of the oil", "80");
    expect(await screen.findByText("Temperature of the oil must be from 0 to 60.")).toBeDefined();
    expect(screen.queryByText("200 g")).toBeNull();
    type("Temperature of the oil", "warm");
    expect(await screen.findByText("“warm” is not a number.")).toBeDefined();
    expect((screen.getByLabelText("Oil") as HTMLInputElement).value).toBe("50");
    fireEvent.click(screen.getByRole("button", { name: "Back to the example" }));
    expect(await screen.findByText("400 g")).toBeDefined();
  });
  it("finds by name, title or room, and says when there is none", () => {
    show(<CalculationsScreen calculations={described} />);
    const find = screen.getAllByLabelText("Find").at(-1) as HTMLElement;
    fireEvent.change(find, { target: { value: "centri" } });
    expect(screen.getAllByRole("link", { name: /Centrifuge/ }).length).toBeGreaterThan(0);
    expect(screen.queryByRole("link", { name: /Density of water/ })).toBeNull();
    fireEvent.change(find, { target: { value: "perpetual" } });
    expect(screen.getAllByText("None has that in its name.").length).toBeGreaterThan(0);
  });
  it("tells why when it is opened", async () => {
    page.query = "name=fining";
    const { container } = show(<CalculationsScreen calculations={described} />);
    await screen.findByText("400 g");
    const why = container.querySelector("details:has(summary)") && screen.getByText("Why?").closest("details");
    if (!why) throw new Error("no Why");
    why.open = true;
    fireEvent(why, new Event("toggle"));
    expect(await screen.findByText("What would change it most")).toBeDefined();
  });
});
