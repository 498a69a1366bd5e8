import { fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { page } from "@/store/page.testing";
import type { YardSession } from "@/store/session";
import { openTestYard, TestYard } from "@/store/testing";
import { Why } from ".";

let session: YardSession;
beforeEach(async () => {
  session = await openTestYard([], "2026-11-24T13:32:00.000Z");
});
afterEach(() => session.close());

const heat = (limitMm2PerS: number) => (
  <TestYard session={session}>
    <Why name="heat" input={{ fluid: "canola", limitMm2PerS }} readings="typical fluids." likely="60 to 80 °C" />
  </TestYard>
);
function open(): void {
  const details = screen.getByText("Why?").closest("details");
  if (!details) throw new Error("no details");
  details.open = true;
  fireEvent(details, new Event("toggle"));
}

describe("the Why of a bench", () => {
  it("asks nothing before it is opened, and then tells the figure's whole story", async () => {
    const { container } = render(heat(15));
    expect(page.whys).toEqual([]);
    open();
    expect(await screen.findByText(/^Temperature: 70/)).toBeDefined();
    for (const words of [
      "Likely 60 to 80 °C.",
      "typical fluids.",
      "ASTM D341",
      "15 mm²/s",
      "What would change it most",
    ])
      expect(container.textContent).toContain(words);
  });
  it("asks again when the figure changes, and lets go of what it asked before", async () => {
    const { rerender } = render(heat(15));
    open();
    await screen.findByText(/^Temperature: 70/);
    rerender(heat(15));
    expect(page.whys).toHaveLength(1);
    rerender(heat(20));
    await waitFor(() => expect(page.whys).toHaveLength(2));
    expect(page.cancelled).toBe(1);
    expect(await screen.findByText(/^Temperature: 59/)).toBeDefined();
  });
  it("says why there is no answer", async () => {
    render(heat(0));
    open();
    expect(await screen.findByText("limitMm2PerS must be at least 1.")).toBeDefined();
  });
});
