import { act, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Draft } from "@/core/ledger";
import { drum, vid } from "@/core/ledger/testing";
import { DEMO_NOW, demoStation } from "@/desk/testing";
import { BlendScreen } from "@/stations/blend";
import { WayMarksForm } from "@/stations/blend/ways/WayMarksForm";
import { stampOf } from "@/store/testing";

const { session, show } = demoStation();
const write = (draft: Draft) => session().append([draft], stampOf("written", DEMO_NOW));
const divider = () => screen.getByRole("slider", { name: /^Between Ready and/ });
const litresAt = (el: HTMLElement): number => Number(el.getAttribute("aria-valuenow"));
const litresIn = (id: string): number =>
  session()
    .view(DEMO_NOW, null)
    .vessels.find((v) => v.vessel.id === id)?.litres ?? Number.NaN;

describe("the blend bench", () => {
  it("steps a divider by key, and what one gains the other gives", async () => {
    show(<BlendScreen />);
    await act(async () => undefined);
    const before = litresAt(divider());
    fireEvent.keyDown(divider(), { key: "PageUp" });
    expect(litresAt(divider())).toBeCloseTo(before + 1, 5);
    fireEvent.keyDown(divider(), { key: "ArrowLeft" });
    expect(litresAt(divider())).toBeCloseTo(before + 0.9, 5);
    expect(screen.getByText(/is over your limit at/)).toBeDefined();
    fireEvent.keyDown(divider(), { key: "Home" });
    expect(litresAt(divider())).toBe(0);
    fireEvent.click(screen.getByRole("button", { name: "Find the most oil" }));
    expect(litresAt(divider())).toBeCloseTo(before, 5);
  });
  it("forgets what was set by hand once another can is chosen, or it is filled further", async () => {
    show(<BlendScreen />);
    await act(async () => undefined);
    const found = litresAt(divider());
    fireEvent.keyDown(divider(), { key: "PageUp" });
    fireEvent.change(screen.getByLabelText("Fill it to"), { target: { value: "60" } });
    expect(litresAt(divider())).toBeLessThan(found);
    expect(screen.queryByText(/is over your limit at/)).toBeNull();
    fireEvent.keyDown(divider(), { key: "PageUp" });
    const from = within(screen.getByRole("group", { name: /Pour from/ }));
    fireEvent.click(from.getByRole("checkbox", { name: /^Kerosene can/ }));
    await act(async () => fireEvent.click(from.getByRole("checkbox", { name: /^The pump/ })));
    expect(screen.queryByText(/is over your limit at/)).toBeNull();
  });
  it("fills several empty cans alike, a mark on each, in one act", async () => {
    await write({ kind: "vessel", data: { ...drum("jerry-2", "blend"), name: "Jerrycan 2", rimMm: 60 } });
    show(<BlendScreen />);
    await act(async () => undefined);
    fireEvent.click(screen.getByRole("radio", { name: /^Mixing can/ }));
    fireEvent.click(screen.getByRole("checkbox", { name: /^Jerrycan 2/ }));
    fireEvent.change(screen.getByLabelText("Fill it to"), { target: { value: "15" } });
    const aside = within(screen.getByRole("complementary"));
    expect(aside.getByRole("heading", { name: "Mixing can" })).toBeDefined();
    expect(aside.getByRole("heading", { name: "Jerrycan 2" })).toBeDefined();
    fireEvent.click(screen.getByRole("button", { name: "Pour and log" }));
    await waitFor(() => expect(litresIn("jerry-2")).toBeCloseTo(14, 0));
    expect(litresIn("mixing-can")).toBeCloseTo(15, 0);
  });
  it("keeps what was said of the time while there is no mix for a moment", async () => {
    show(<BlendScreen />);
    await act(async () => undefined);
    fireEvent.click(screen.getByRole("button", { name: "Earlier" }));
    fireEvent.click(screen.getByRole("button", { name: "A week earlier" }));
    const said = (): string => (screen.getByLabelText("When it happened") as HTMLInputElement).value;
    const before = said();
    expect(before).not.toBe("");
    const from = within(screen.getByRole("group", { name: /Pour from/ }));
    const kerosene = from.getByRole("checkbox", { name: /^Kerosene can/ });
    await act(async () => fireEvent.click(kerosene));
    for (const box of from.getAllByRole("checkbox", { checked: true })) await act(async () => fireEvent.click(box));
    expect(screen.queryByLabelText("When it happened")).toBeNull();
    await act(async () => fireEvent.click(from.getByRole("checkbox", { name: /^Ready/ })));
    await act(async () => fireEvent.click(kerosene));
    expect(said()).toBe(before);
  });
  it("has no oil left to choose, and says what would give an answer", async () => {
    show(<BlendScreen />);
    await act(async () => undefined);
    const from = within(screen.getByRole("group", { name: /Pour from/ }));
    for (const name of [/^Ready/, /^Kerosene can/]) fireEvent.click(from.getByRole("checkbox", { name }));
    expect(screen.getByText("There is no fuel in what you chose.")).toBeDefined();
  });
  it("says that a tank is full to its mark", async () => {
    show(<BlendScreen />);
    await act(async () => undefined);
    fireEvent.change(screen.getByLabelText("Fill it to"), { target: { value: "20" } });
    expect(screen.getByText("It is full to that mark. Nothing can be poured.")).toBeDefined();
    fireEvent.change(screen.getByLabelText("Fill it to"), { target: { value: "900" } });
    expect(screen.getByText("It holds 63 L.")).toBeDefined();
  });
  it("lies unmixed after a pour until it is driven", async () => {
    await write({
      kind: "blend",
      data: { to: vid("tractor-tank"), parts: [{ from: vid("ready"), amount: { litres: 9 } }] },
      despite: ["untried-recipe"],
    });
    show(<BlendScreen />);
    expect(await screen.findByText(/^Unmixed until it is driven: 9(\.0)? L of canola/)).toBeDefined();
    const advice = session()
      .view(DEMO_NOW, null)
      .advice.find((a) => a.code === "drive-to-mix");
    expect(advice).toMatchObject({ vehicle: "tractor", vessel: "tractor-tank" });
  });
});

describe("what each way takes", () => {
  it("is kept as typed, and refused where it cannot be", async () => {
    show(<WayMarksForm />);
    const change = (label: string | RegExp, text: string) =>
      fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
    change("Waste of the oil, thinned", "95");
    expect(screen.getByText("Between 0 and 90.")).toBeDefined();
    change("Waste of the oil, thinned", "6");
    change("Your hour is worth", "14");
    fireEvent.click(screen.getByRole("button", { name: "Keep these" }));
    await waitFor(() => expect(session().view(DEMO_NOW, null).settings.wagePerHour).toBe(14));
    expect(session().view(DEMO_NOW, null).settings.wayMarks).toMatchObject({
      blendWasteShare: 0.06,
      petrolWasteShare: 0.13,
    });
  });
});
