import { act, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { LESSONS, SHED_LESSONS } from "@/core/driving/rehearsal";
import { rigFromShelf } from "@/core/driving/rig";
import { DEMO_NOW, demoStation } from "@/desk/testing";
import { stampOf } from "@/store/testing";
import { DriverBench } from "./driver/DriverBench";
import { Lessons } from "./rehearse/Lessons";
import { RigBench } from "./rig/RigBench";
import { Upkeep } from "./upkeep/Upkeep";
import { Rescue } from "./wrong/Rescue";
import { Wrong } from "./wrong/Wrong";

const { session, log, show } = demoStation();
const view = () => session().view(DEMO_NOW, null);
const vehicle = (id: string) => view().vehicles.find((s) => s.vehicle.id === id) ?? (undefined as never);
const press = (name: string | RegExp): void => {
  fireEvent.click(screen.getByRole("button", { name }));
};
const type = (label: string | RegExp, text: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
};

afterEach(() => vi.useRealTimers());

describe("the driver's bench", () => {
  it("says how far the gate is, starts, and asks of each valve before it is turned", async () => {
    show(<DriverBench state={vehicle("flatbed")} />);
    expect(screen.getByText(/the gate is about \d+ min away/)).toBeDefined();
    press("Engine started");
    expect(await screen.findByText(/^Warm up, about/)).toBeDefined();
    const supply = within(screen.getByRole("group", { name: "Supply" }));
    fireEvent.click(supply.getByRole("button", { name: "oil" }));
    expect(screen.getByText(/Supply to oil: Oil would go into the diesel tank, [\d.]+ L a second/)).toBeDefined();
    press("Leave it");
    expect(screen.queryByText(/Oil would go into/)).toBeNull();
    // A tap on the drawing's own valve asks the same.
    press(/^Return: diesel/);
    expect(screen.getByText(/^Return to loop: Diesel comes to the pump/)).toBeDefined();
    press("Turned Return to loop");
    expect(screen.getByText("Return to loop")).toBeDefined();
    press("Take the last back");
    expect(screen.queryByText("Return to loop")).toBeNull();
    press("Forget this trip");
    expect(screen.queryByRole("button", { name: "Engine started" })).toBeNull();
    press(/^Tap again to forget it/);
    expect(screen.getByRole("button", { name: "Engine started" })).toBeDefined();
  });
  it("refuses an odometer that runs backwards at its field, and keeps what was typed", async () => {
    await session().append(
      [
        {
          kind: "trip",
          data: {
            vehicle: "flatbed" as never,
            minutes: { startOnDiesel: 5, onOil: 0, purge: 0 },
            burned: [],
            odometerKm: 90_000,
          },
        },
      ],
      stampOf("odo", DEMO_NOW),
    );
    show(<DriverBench state={vehicle("flatbed")} />);
    type("Odometer", "89000");
    press("Log the trip");
    expect(screen.getByText(/It stood at 90,000 km before: it does not run backwards/)).toBeDefined();
    expect(screen.getByLabelText<HTMLInputElement>("Odometer").value).toBe("89000");
  });
  it("burns by its way where both that and its thirst are known, whatever its minutes; and keeps how it ran", async () => {
    const known = vehicle("flatbed");
    const thirsty = { ...known, vehicle: { ...known.vehicle, litresPer100Km: 10 } };
    show(<DriverBench state={thirsty} />);
    type("Distance", "50");
    const burned = screen.getAllByText(/^Burned from/).map((n) => Number.parseFloat(n.nextSibling?.textContent ?? ""));
    expect(burned.reduce((sum, l) => sum + l, 0)).toBeCloseTo(5, 1);
    fireEvent.click(screen.getByLabelText("White smoke"));
    press("Log the trip");
    await waitFor(() => expect(vehicle("flatbed").past.at(-1)?.noticed).toEqual(["white-smoke"]));
    // What was of that trip is not of the next.
    await waitFor(() => expect(screen.getByLabelText("White smoke")).toHaveProperty("checked", false));
    expect(screen.getByLabelText("Distance")).toHaveProperty("value", "");
  });
  it("of one tank says how much oil goes straight into it today, and its hours by month", () => {
    show(<DriverBench state={vehicle("tractor")} />);
    expect(screen.getByText(/of a full tank: first/)).toBeDefined();
    press("Pour the oil");
    expect(log.open).toHaveBeenLastCalledWith("fill", expect.objectContaining({ to: "tractor-tank" }));
    expect(screen.getByText("November 2026")).toBeDefined();
  });
});

describe("the builder's bench", () => {
  it("takes an arrangement from the shelf, finds a dead end, and fits nothing until it is gone", () => {
    show(<RigBench state={vehicle("flatbed")} />);
    expect(screen.getByText("As it is fitted. Change it below.")).toBeDefined();
    type("Begin with", "selector");
    press("Take it in place of these parts");
    expect(screen.getByRole("button", { name: "Fit it so" })).toHaveProperty("disabled", false);
    type("One more part", "tee");
    press("Put it in");
    expect(screen.getAllByText(/has no hose on it: a dead end/)).toHaveLength(3);
    expect(screen.getByRole("button", { name: "Fit it so" })).toHaveProperty("disabled", true);
    press("Take Tee out");
    fireEvent.click(screen.getByRole("tab", { name: "Fail-safe proof" }));
    expect(screen.getByText(/without a hand nothing here returns to diesel by itself/)).toBeDefined();
    expect(screen.getByText(/No position purges/)).toBeDefined();
    press("Back to how it is fitted");
    expect(screen.getByText("As it is fitted. Change it below.")).toBeDefined();
  });
  it("keeps what was built with the vehicle, and its line follows its hoses", async () => {
    show(<RigBench state={vehicle("flatbed")} />);
    type("Begin with", "three-position");
    press("Take it in place of these parts");
    press("Fit it so");
    await waitFor(() => expect(vehicle("flatbed").vehicle.rig).toEqual(rigFromShelf("three-position")));
  });
});

describe("looking after it", () => {
  it("opens the Log with what is due, and says what one change can tell", () => {
    show(<Upkeep state={vehicle("flatbed")} />);
    press("Filter changed");
    expect(log.open).toHaveBeenLastCalledWith("service", { vehicle: "flatbed", what: "filter" });
    expect(screen.getByText(/Chance alone makes as much in/)).toBeDefined();
    type("Trips that differ in", "heater");
    expect(screen.getByText(/three of each at the least tell anything/)).toBeDefined();
  });
  it("follows a symptom through what is looked at to a cause, with what the book says of it", async () => {
    show(<Wrong state={vehicle("flatbed")} />);
    press("It starts hard");
    const likely = within(screen.getByRole("complementary"));
    expect(likely.getAllByText("Oil in the diesel tank")).toBeDefined();
    expect(likely.getAllByText(/of the diesel tank is waste oil/).length).toBeGreaterThan(0);
    fireEvent.click(
      within(screen.getByRole("group", { name: /bubbles in the clear bowl/ })).getByRole("button", { name: "Yes" }),
    );
    expect(within(likely.getByRole("list")).getAllByRole("listitem")[0]?.textContent).toMatch(
      /^(Air gets in|Oil in the diesel tank)/,
    );
    press("Flatbed oil");
    expect((await screen.findAllByText(/% of it\./)).length).toBeGreaterThan(0);
  });
  it("leads a rescue step by step, and each step logs its litres", () => {
    show(<Rescue state={vehicle("flatbed")} />);
    press("Flatbed diesel");
    expect(screen.getByText("Stop, and let it cool")).toBeDefined();
    for (let i = 0; i < 2; i++) press(/^(Next|Done)/);
    press("Log what was pumped out");
    expect(log.open).toHaveBeenLastCalledWith("pump-out", { from: "flatbed-diesel" });
  });
});

describe("rehearsing", () => {
  it("plays on one's own loop or any from the shelf, and keeps the best", async () => {
    vi.useFakeTimers({ toFake: ["setInterval", "clearInterval", "performance"] });
    show(<Lessons own={vehicle("flatbed")} />);
    press(/^Filter|^A run through the filter/);
    for (const of of ["Vent of the receiver", "Filter valve", "Drain valve"])
      fireEvent.click(within(screen.getByRole("group", { name: of })).getByRole("button", { name: "open" }));
    fireEvent.click(within(screen.getByRole("group", { name: "Pump" })).getByRole("button", { name: "on" }));
    press("×60");
    await act(() => vi.advanceTimersByTimeAsync(5200));
    fireEvent.click(within(screen.getByRole("group", { name: "Pump" })).getByRole("button", { name: "off" }));
    for (const of of ["Drain valve", "Filter valve", "Vent of the receiver"])
      fireEvent.click(within(screen.getByRole("group", { name: of })).getByRole("button", { name: "shut" }));
    press("Done");
    expect(screen.getByRole("heading", { level: 1 }).textContent).toMatch(/: (9\d|100) of 100$/);
    press("Another lesson");
    expect(screen.getByText(/^best (9\d|100)/)).toBeDefined();
    expect(screen.getAllByText("not tried").length).toBeGreaterThan(LESSONS.length - 3 + SHED_LESSONS.length - 1);
    type("Practise on", "three-hand");
    press(/^First drive/);
    expect(screen.getByRole("group", { name: "Filter valve" })).toBeDefined();
    fireEvent.click(screen.getByLabelText("With the coach"));
    expect(screen.getByText("Start on diesel")).toBeDefined();
    press("Start the engine");
    await act(() => vi.advanceTimersByTimeAsync(600));
    expect(screen.getByText(/^Warm up|^Stay on diesel/)).toBeDefined();
  });
});
