import { act, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Draft, Entry } from "@/core/ledger";
import { DEMO_NOW, demoStation } from "@/desk/testing";
import { CupScreen } from "@/stations/cup";
import { FiningScreen } from "@/stations/fining";
import { SettleScreen } from "@/stations/settle";
import { SpinScreen } from "@/stations/spin";
import { WarmScreen } from "@/stations/warm";
import { page } from "@/store/page.testing";
import { stampOf } from "@/store/testing";

const { session, log, show: draw } = demoStation();

// The bench counts seconds by the wall clock: it stands still with the yard's.
beforeEach(() => void vi.useFakeTimers({ now: Date.parse(DEMO_NOW), toFake: ["Date"] }));
beforeEach(() => {
  page.path = "/settle";
  page.query = "vessel=drum-5";
  window.location.hash = "";
});

const show = async (what: React.ReactNode) => {
  const shown = draw(what);
  await act(async () => undefined);
  return shown;
};
const press = (name: string | RegExp): void => {
  const found = screen.getAllByRole("button", { name })[0];
  if (!found) throw new Error(`no button ${name}`);
  fireEvent.click(found);
};
const type = (label: string | RegExp, text: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
};
const openTab = (name: string): void => {
  fireEvent.click(screen.getByRole("tab", { name }));
};
/** Waits until an entry of this kind is in the yard, not only on its way. */
const wrote = (kind: Entry["kind"]): Promise<void> =>
  waitFor(() => {
    expect(last()?.kind).toBe(kind);
    const stands = session().view(DEMO_NOW, null).entries;
    expect(stands).toBe(session().count());
  });
const last = (): Entry | null => session().written()[0] ?? null;
const data = <K extends Entry["kind"]>(kind: K) => {
  const entry = last();
  if (entry?.kind !== kind) throw new Error(`last is ${entry?.kind}`);
  return entry.data as Extract<Entry, { kind: K }>["data"];
};
const vessel = (id: string) =>
  session()
    .view(DEMO_NOW, null)
    .vessels.find((v) => v.vessel.id === id);

describe("reading a drum", () => {
  it("only what was read is logged, with what was forecast then", async () => {
    await show(<SettleScreen />);
    openTab("Read");
    press("Dip");
    type("Clear down to", "210");
    type("Oil at", "12");
    press("Log the dip");
    await wrote("dip");
    expect(data("dip")).toMatchObject({ vessel: "drum-5", clearMm: 210, celsius: 12 });
    expect(data("dip").fatMm).toBeUndefined();
    expect(data("dip").forecast?.readyAt).toMatch(/^2026-1[12]/);
  });
  it("a line is moved on the drawing by its arrow keys, and stays within the rim", async () => {
    await show(<SettleScreen />);
    openTab("Read");
    press("Dip");
    const handle = screen.getByRole("slider", { name: "Fat line, on the stick" });
    const before = Number(handle.getAttribute("aria-valuenow"));
    fireEvent.keyDown(handle, { key: "PageUp" });
    fireEvent.keyDown(handle, { key: "ArrowDown" });
    expect(Number(handle.getAttribute("aria-valuenow"))).toBe(before + 9);
    expect((screen.getByLabelText("Fat line") as HTMLInputElement).value).toBe(String(before + 9));
    const water = screen.getByRole("slider", { name: "Water line, on the stick" });
    for (let i = 0; i < 20; i++) fireEvent.keyDown(water, { key: "PageDown" });
    expect(water.getAttribute("aria-valuenow")).toBe("0");
  });
  it("a jar is told by its step, and says so when it contradicts the one before", async () => {
    await show(<SettleScreen />);
    openTab("Read");
    press("Jar to the light");
    fireEvent.click(screen.getByRole("radio", { name: /^Haze/ }));
    press("Log the jar");
    await wrote("jar");
    expect(data("jar")).toMatchObject({ step: 2, vessel: "drum-5" });
    fireEvent.click(await screen.findByRole("button", { name: "Jar to the light" }));
    fireEvent.click(screen.getByRole("radio", { name: /^Murky/ }));
    expect(await screen.findByText(/the jar was haze\. Oil does not cloud by itself/)).toBeDefined();
    press("Drop it");
    expect(vessel("drum-5")?.jarCount).toBe(1);
  });
  it("how good the forecasts were is asked only when somebody looks", async () => {
    await show(<SettleScreen />);
    openTab("Read");
    const record = screen.getByText("How good were the forecasts?").closest("details") as HTMLDetailsElement;
    expect(within(record).queryByRole("list")).toBeNull();
    record.open = true;
    fireEvent(record, new Event("toggle"));
    expect(await within(record).findByText(/^The last \d+ were drawn/)).toBeDefined();
  });
});

describe("drawing off", () => {
  it("a margin and a bore change the plan; what cannot be is said at its field", async () => {
    await show(<SettleScreen />);
    type("Margin above what stays", "60");
    expect(screen.getByText(/above 83 mm/)).toBeDefined();
    type("Inside, across", "500");
    expect(screen.getByText("Between 2 mm and 100 mm.")).toBeDefined();
    press("Always 60 mm");
    await waitFor(() => expect(session().view(DEMO_NOW, null).settings.marginMm).toBe(60));
  });
  it("runs until it is stopped, and then asks what was really got", async () => {
    await show(<SettleScreen />);
    press("Start drawing off");
    expect(screen.getByRole("heading", { name: /^Drawing off into Feed tub/ })).toBeDefined();
    press("Stop");
    expect((screen.getByLabelText("Litres you got") as HTMLInputElement).value).toBe("0");
    type("Litres you got", "21");
    press("Haze");
    press("Log the draw-off");
    await wrote("draw-off");
    expect(data("draw-off")).toMatchObject({ amount: { litres: 21 }, came: 2, minutes: 0 });
  });
  it("a wet lot is not called ready", async () => {
    await show(<SettleScreen />);
    openTab("Water");
    press(/^Crackles/);
    await waitFor(() => expect(vessel("drum-5")?.quality.water?.wet).toBe(true));
    openTab("Draw off");
    expect(screen.getByText("wet: not ready")).toBeDefined();
    openTab("Water");
    type("Before", "0");
    press("Log the weigh test");
    expect(screen.getByText("Weigh the sample first, in grams.")).toBeDefined();
  });
});

describe("one tap", () => {
  it("starts the clock again; driven takes along what stands aboard", async () => {
    const raw = session();
    const write = (id: string, at: string, draft: object) =>
      raw.append([{ ...draft, happenedAt: at } as Draft], stampOf(id, DEMO_NOW));
    const shape = { kind: "cylinder", diameterMm: 571.5 };
    for (const n of [1, 2])
      await write(`v${n}`, "2026-11-10T08:00:00.000Z", {
        kind: "vessel",
        data: { id: `aboard-${n}`, name: `Aboard ${n}`, role: "settling", shape, rimMm: 850, place: "trailer" },
      });
    for (const n of [1, 2])
      await write(`p${n}`, "2026-11-10T09:00:00.000Z", {
        kind: "purchase",
        data: { to: `aboard-${n}`, fluid: "canola", amount: { litres: 50 } },
      });
    page.query = "vessel=aboard-1";
    await show(<SettleScreen />);
    press("Driven");
    await wrote("disturbed");
    expect(data("disturbed").also).toContain("aboard-2");
    expect(vessel("aboard-2")?.stirredAt).toBe(DEMO_NOW);
  });
});

describe("the settler and the heels", () => {
  it("a batch goes through: out of the header, over into the tank", async () => {
    page.query = "vessel=cone";
    await show(<SettleScreen />);
    expect(screen.getByText(/^\d\.\d drops a second/)).toBeDefined();
    const before = [vessel("pail-7")?.litres ?? 0, vessel("cone")?.litres ?? 0];
    type("Litres fed today", "6");
    press("Log the batch");
    await wrote("displace");
    expect(vessel("pail-7")?.litres).toBeCloseTo((before[0] ?? 0) - 6, 6);
    expect(vessel("cone")?.litres).toBeCloseTo((before[1] ?? 0) + 6, 6);
    press("Clean out the bottom");
    expect(log.open).toHaveBeenCalledWith("drain", { from: "cone" });
  });
  it("is set up with its header, its overflow and its mark for sludge", async () => {
    page.query = "vessel=cone";
    await show(<SettleScreen />);
    press("Set up");
    type("Hold back grains from", "0");
    press("Keep");
    expect(screen.getByText("Between 1 and 500 µm.")).toBeDefined();
    type("Hold back grains from", "15");
    press("Keep");
    await wrote("vessel");
    expect(data("vessel").settler).toMatchObject({ cutUm: 15, header: "pail-7", overflow: "feed-tub" });
  });
  it("heels say what they are made of and where they go", async () => {
    page.query = "vessel=heel-tub";
    await show(<SettleScreen />);
    expect(screen.getByRole("img", { name: /^Of 9\.9 L: / })).toBeDefined();
    press("Dispose");
    expect(log.open).toHaveBeenCalledWith("dispose", { from: "heel-tub" });
  });
});

describe("the run sheets", () => {
  it("fining keeps its place and its clock, and writes when the gelatine is in", async () => {
    const { unmount } = await show(<FiningScreen />);
    press("Done, go on");
    press(/^Start the clock/);
    unmount();
    await show(<FiningScreen />);
    expect(screen.getByRole("timer").textContent).toMatch(/until/);
    press("Done, go on");
    press("Done, go on");
    type("The oil is at", "44");
    press("Stirred in: log it");
    await wrote("fining");
    expect(data("fining")).toMatchObject({ vessel: "drum-5", celsius: 44 });
    expect(data("fining").gelatineG / data("fining").waterLitres).toBeCloseTo(40, 6);
    expect(vessel("drum-5")?.settling).toMatchObject({ wet: true, ready: false });
    press("Leave, and go on later");
    expect(page.pushed).toHaveBeenCalledWith("/settle?vessel=drum-5");
  });
  it("warming writes how warm it was as the heater went off", async () => {
    await show(<WarmScreen />);
    press("Done, go on");
    press("Done, go on");
    type("The oil is at", "");
    press("Heater is off: log it");
    expect(screen.getByText("The oil's temperature as the heater went off.")).toBeDefined();
    type("The oil is at", "52");
    press("Heater is off: log it");
    await wrote("disturbed");
    expect(data("disturbed")).toMatchObject({ how: "heated", celsius: 52 });
  });
  it("neither has anything to do in an empty yard", async () => {
    await session().seed([], true);
    const fining = await show(<FiningScreen />);
    expect(fining.container.textContent).toMatch(/No such container/);
    const spin = await show(<SpinScreen />);
    expect(spin.container.textContent).toMatch(/No such container/);
  });
});

describe("the centrifuge", () => {
  it("a pass is logged with its paste, and the bowl's marks are kept", async () => {
    await show(<SpinScreen />);
    const feed = (): string => screen.getByText(/^Feed \d/).textContent ?? "";
    const before = feed();
    type("Turns a minute", "4000");
    press("Keep these marks");
    await waitFor(() => expect(feed()).not.toBe(before));
    type("Paste in the bowl", "-1");
    press("Log the pass");
    expect(screen.getByText("Say how much paste the bowl kept.")).toBeDefined();
    type("Litres through", "20");
    type("Paste in the bowl", "0.4");
    press("Log the pass");
    await wrote("spin");
    expect(data("spin")).toMatchObject({ amount: { litres: 20 }, pasteLitres: 0.4, cutUm: 5 });
  });
});

describe("the flow cup", () => {
  it("calibrates a can by what is on the shelf, and times a lot", async () => {
    await show(<CupScreen />);
    fireEvent.change(screen.getByLabelText("Which can"), { target: { value: "new" } });
    await act(async () => undefined);
    type("Its name", "Blue tin");
    type("It ran for", "0.1");
    press("Add it");
    expect(screen.getByText("Seconds, half a second at least.")).toBeDefined();
    type("It ran for", "16");
    press("Add it");
    press("Keep the can");
    expect(screen.getByText(/^Two fluids at least/)).toBeDefined();
    fireEvent.change(screen.getByLabelText("What"), { target: { value: "canola" } });
    type("It ran for", "205");
    press("Add it");
    press("Keep the can");
    await wrote("cup");
    expect(data("cup").readings.map((r) => r.what)).toEqual(["Diesel", "Canola"]);
    type("It ran", "230");
    press("Log the time");
    await wrote("cup-test");
    expect(vessel("drum-5")?.thickness.measured?.nuMm2PerS).toBeGreaterThan(90);
  });
});
