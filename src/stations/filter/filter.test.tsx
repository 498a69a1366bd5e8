import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { useState } from "react";
import { describe, expect, it, vi } from "vitest";
import type { LineView, VesselView } from "@/core/readings";
import { DEMO_NOW, demoStation } from "@/desk/testing";
import { useYard } from "@/store";
import { stampOf } from "@/store/testing";
import { FilterScreen } from ".";
import { Power } from "./Power";
import { Running } from "./Running";
import { clockNow, type UnderWay } from "./underWay";
import { useRun } from "./useRun";

const { session, show } = demoStation();

const press = (name: string | RegExp): void => {
  fireEvent.click(screen.getByRole("button", { name }));
};
const type = (label: string | RegExp, text: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
};
const rowOf = (name: string): string =>
  screen.getByText(name, { selector: "dt, dt *" }).closest("div")?.querySelector("dd")?.textContent ?? "";

describe("power for the pump", () => {
  it("says what the run takes of the battery, and warns where it does not last", () => {
    show(<Power minutes={120} />);
    expect(rowOf("The run takes")).toBe("120 of 480 Wh");
    expect(rowOf("Left after it")).toBe("75 %");
    type("Pump draws", "600");
    expect(screen.getByRole("status").textContent).toMatch(/stops before the run is over/);
    expect(rowOf("Flat after")).toBe("48 min");
  });
  it("takes no figure that cannot be, and keeps what it had", () => {
    show(<Power minutes={120} />);
    type("Of it usable", "140");
    expect(screen.getByText("From 1 to 100.")).toBeDefined();
    expect(rowOf("The run takes")).toBe("120 of 480 Wh");
  });
  it("asks nothing of the mains", () => {
    show(<Power minutes={120} />);
    fireEvent.click(screen.getByRole("radio", { name: "Mains" }));
    expect(screen.queryByLabelText("Pump draws")).toBeNull();
  });
});

describe("a run as it is told", () => {
  it("of a petrol blend pushed by air is never begun; where it has happened, it is told in the open", async () => {
    const can = {
      id: "can-9" as never,
      name: "Can nine",
      role: "blend" as const,
      rimMm: 400,
      material: "steel" as const,
    };
    const litres = (fluid: "petrol" | "canola", n: number) => ({
      kind: "purchase" as const,
      data: { to: can.id, fluid, amount: { litres: n } },
    });
    const shape = { kind: "cylinder" as const, diameterMm: 350, heightMm: 400 };
    const drafts = [{ kind: "vessel" as const, data: { ...can, shape } }, litres("petrol", 5), litres("canola", 15)];
    for (const [i, d] of drafts.entries()) {
      const said = await session().append(
        [{ ...d, despite: ["petrol-in-unfit-vessel"] } as never],
        stampOf(`can-${i}`, DEMO_NOW),
      );
      expect(said.ok, JSON.stringify(said)).toBe(true);
    }
    const before = session().written().length;
    show(<FilterScreen />);
    fireEvent.change(screen.getByLabelText("From"), { target: { value: "can-9" } });
    fireEvent.click(screen.getByRole("radio", { name: "Air" }));
    await screen.findByText(/never by compressed air|compressed air/i);
    expect((screen.getByRole("button", { name: "Start the run" }) as HTMLButtonElement).disabled).toBe(true);
    expect((screen.getByRole("button", { name: "Log the run" }) as HTMLButtonElement).disabled).toBe(true);
    press("It has happened: log it all the same");
    await waitFor(() => expect(session().written()).toHaveLength(before + 1));
    const run = session()
      .written()
      .find((e) => e.kind === "filter-run");
    expect(run?.despite).toContain("petrol-by-air");
  });
  it("keeps what was found in each bag, the drive and the head", async () => {
    show(<FilterScreen />);
    type("Feed above the bag", "1200");
    const found = screen.getByRole("group", { name: /^Found in 5 µm/ });
    fireEvent.click(within(found).getByRole("button", { name: "Much" }));
    press("Log the run");
    await waitFor(() => expect(session().written()).toHaveLength(1));
    const [written] = session().written();
    expect(written?.kind === "filter-run" && written.data).toMatchObject({
      feed: { way: "gravity", headMm: 1200 },
      found: [{ bag: "bag-5", caught: "much" }],
    });
  });
  it("gauges read the wrong way round are said so and not kept", async () => {
    show(<FilterScreen />);
    fireEvent.click(screen.getByRole("radio", { name: "Hand pump" }));
    type("Before 5 µm", "0.1");
    type("After 5 µm", "0.6");
    expect(screen.getByText(/read the wrong way round/)).toBeDefined();
    press("Log the run");
    await waitFor(() => expect(session().written()).toHaveLength(1));
    const [written] = session().written();
    expect(written?.kind === "filter-run" && written.data.found).toBeUndefined();
  });
  it("no litres, no time: each is said at its field, and nothing is written", () => {
    show(<FilterScreen />);
    type("Litres", "0");
    type("It took", "0");
    press("Log the run");
    expect(screen.getByText("Say how much ran through.")).toBeDefined();
    expect(screen.getByText("Say how long it took.")).toBeDefined();
    expect(session().written()).toHaveLength(0);
  });
  it("is not offered without a bag", () => {
    show(<FilterScreen />);
    press("50 µm");
    press("5 µm");
    expect(screen.getByText("Choose a bag at the least.")).toBeDefined();
    expect((screen.getByRole("button", { name: "Log the run" }) as HTMLButtonElement).disabled).toBe(true);
  });
  it("says where the feed does not stand high enough, in place of an hour", () => {
    show(<FilterScreen />);
    type("Feed above the bag", "60");
    expect(screen.getByText(/does not stand that high above its bag/)).toBeDefined();
    expect(rowOf("It will take, by 18 runs")).toBe("it stops");
  });
});

it("what a trap is drained of asks where it goes, once there is any", async () => {
  const made = await session().append(
    [{ kind: "bag", data: { id: "trap" as never, name: "Trap", form: "trap", areaM2: 0.05 } }],
    stampOf("trap", DEMO_NOW),
  );
  expect(made.ok).toBe(true);
  show(<FilterScreen />);
  expect(screen.queryByLabelText("Drained into")).toBeNull();
  type("Drained from traps", "0.3");
  press("Log the run");
  await waitFor(() => expect(session().written()[0]?.kind).toBe("filter-run"));
  const [written] = session().written();
  expect(written?.kind === "filter-run" && written.data).toMatchObject({
    drainedLitres: 0.3,
    drainedTo: "sludge-drum",
  });
});

/** A run begun with all of the feed tub. */
function Begun({ onDrop }: { readonly onDrop: () => void }) {
  const { view } = useYard();
  const of = (id: string): VesselView => view.vessels.find((v) => v.vessel.id === id) as VesselView;
  const run = useRun(of("feed-tub"), [of("feed-tub")], [of("ready")], view.lines[0] as LineView, null);
  const [kept, keep] = useState<UnderWay>({
    startedAt: clockNow(),
    minutesBefore: 12,
    marks: [],
    asked: run.asked,
    finished: null,
  });
  return (
    <>
      <Running run={run} kept={kept} lineName="Line" onKeep={keep} onDrop={onDrop} />
      <output>{JSON.stringify(kept.finished)}</output>
    </>
  );
}

describe("a run under way", () => {
  const dropped = vi.fn();
  const begun = (): void => {
    dropped.mockClear();
    show(<Begun onDrop={dropped} />);
  };
  it("takes a mark, tells its end by it, and takes none that falls", () => {
    begun();
    type("Litres through by now", "6");
    press("Note it");
    expect(screen.getByText("Each litre adds")).toBeDefined();
    type("Litres through by now", "4");
    press("Note it");
    expect(screen.getByText(/litres do not fall/)).toBeDefined();
  });
  it("pauses and goes on, and a mark waits until it runs", () => {
    begun();
    press("Pause");
    expect(screen.getByText(/paused$/)).toBeDefined();
    expect((screen.getByRole("button", { name: "Note it" }) as HTMLButtonElement).disabled).toBe(true);
    press("Go on");
    expect(screen.getByText(/running$/)).toBeDefined();
  });
  it("is forgotten by two taps only", () => {
    begun();
    press("Forget this run");
    expect(dropped).not.toHaveBeenCalled();
    press(/^Tap again to forget it/);
    expect(dropped).toHaveBeenCalledOnce();
  });
  it("that is over is as many litres as its last mark, and as many minutes as it ran", () => {
    begun();
    type("Litres through by now", "6");
    press("Note it");
    press("It is over");
    const finished = JSON.parse(screen.getByText(/"litres"/).textContent ?? "null");
    expect(finished.litres).toBe(6);
    expect(finished.minutes).toBeCloseTo(12, 0);
  });
  it("says how much slower than foretold it is, and what may be done", () => {
    begun();
    for (const litres of ["0.5", "0.9"]) {
      type("Litres through by now", litres);
      press("Note it");
    }
    expect(screen.getByText(/times as long as foretold/)).toBeDefined();
  });
});
