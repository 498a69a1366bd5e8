import { act, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import Log from "@/app/Log";
import { useUndo } from "@/desk";
import { DEMO_NOW, demoStation } from "@/desk/testing";
import { BlendScreen } from "@/stations/blend";
import { RecipesScreen } from "@/stations/blend/recipes";
import { SeasonScreen } from "@/stations/blend/season";
import { MixScreen } from "@/stations/blend/sheet";
import { WaysScreen } from "@/stations/blend/ways";
import { BooksScreen } from "@/stations/books";
import { DriveScreen } from "@/stations/drive";
import { FilterScreen } from "@/stations/filter";
import { KettleScreen } from "@/stations/kettle";
import { BatchesScreen } from "@/stations/kettle/batches";
import { PlanScreen } from "@/stations/kettle/plan";
import { StillScreen } from "@/stations/kettle/still";
import { StockScreen } from "@/stations/kettle/stock";
import { TitrateScreen } from "@/stations/kettle/titrate";
import { WalkScreen } from "@/stations/kettle/walk";
import { RoundsScreen } from "@/stations/rounds";
import { SettleScreen } from "@/stations/settle";
import { ShedScreen } from "@/stations/shed";
import { StoreScreen } from "@/stations/store";
import { YardScreen } from "@/stations/yard";
import { page } from "@/store/page.testing";
import { stampOf } from "@/store/testing";

const { session, log, show } = demoStation();

const litres = (id: string): number =>
  session()
    .view(DEMO_NOW, null)
    .vessels.find((v) => v.vessel.id === id)?.litres ?? Number.NaN;
const press = (name: string | RegExp): void => {
  fireEvent.click(screen.getByRole("button", { name }));
};
const type = (label: string, text: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
};

const SCREENS: [string, () => React.ReactNode, string | RegExp][] = [
  ["yard", () => <YardScreen />, "The yard, Tuesday 24 November"],
  ["rounds", () => <RoundsScreen />, "Rounds"],
  ["settle", () => <SettleScreen />, /^Drum 3, day 22/],
  ["filter", () => <FilterScreen />, "Line in the shed"],
  ["blend", () => <BlendScreen />, "Tractor, before tonight"],
  ["ways", () => <WaysScreen />, /is cheapest$/],
  ["season", () => <SeasonScreen />, "The months ahead"],
  ["recipes", () => <RecipesScreen />, "Recipes and trials"],
  ["mix", () => <MixScreen />, "Mix, step by step"],
  ["kettle", () => <KettleScreen />, "Batch 9"],
  ["titrate", () => <TitrateScreen />, "Titrate"],
  ["plan", () => <PlanScreen />, "Plan a batch of Kettle 12"],
  ["chemicals", () => <StockScreen />, "Chemicals"],
  ["walkdown", () => <WalkScreen />, "Walk down Kettle 12"],
  ["still", () => <StillScreen />, "Methanol back"],
  ["batches", () => <BatchesScreen />, "All batches"],
  ["store", () => <StoreScreen />, "Store"],
  ["drive", () => <DriveScreen />, "Flatbed"],
  ["books", () => <BooksScreen />, "Books"],
  ["shed", () => <ShedScreen />, "Shed"],
];

describe("every screen", () => {
  it.each(SCREENS)("%s draws the demo yard without a hole in its words", async (_, make, heading) => {
    const { container } = show(make());
    await act(async () => undefined);
    expect(screen.getByRole("heading", { level: 1 }).textContent).toMatch(heading);
    expect(container.textContent).not.toMatch(/undefined|NaN|\[object|Infinity/);
  });
  it.each(SCREENS)("%s draws a yard with nothing in it, and offers a way on", async (_, make) => {
    await session().seed([], true);
    const { container } = show(make());
    expect(await screen.findByRole("heading", { level: 1 })).toBeDefined();
    expect(screen.getAllByRole("button").length + screen.queryAllByRole("link").length).toBeGreaterThan(0);
    expect(container.textContent).not.toMatch(/undefined|NaN|\[object|Infinity/);
  });
});

describe("what a screen writes", () => {
  it("settle: a draw-off moves the litres, keeps the heel, and is kept with its forecast", async () => {
    show(<SettleScreen />);
    const [drum, feed] = [litres("drum-3"), litres("feed-tub")];
    type("Litres you got", "40");
    press("Log the draw-off");
    await waitFor(() => expect(litres("drum-3")).toBeCloseTo(drum - 40, 6));
    expect(litres("feed-tub")).toBeCloseTo(feed + 40, 6);
    const [written] = session().written();
    expect(written?.kind === "draw-off" && written.data.forecast?.drawOffMm).toBeCloseTo(66, 6);
  });
  it("settle: a refusal is worded at the step, the typing stays, nothing is written", async () => {
    show(<SettleScreen />);
    const before = session().count();
    type("Litres you got", "130");
    press("Log the draw-off");
    expect(await screen.findByText(/Feed tub would run over by/)).toBeDefined();
    expect((screen.getByLabelText("Litres you got") as HTMLInputElement).value).toBe("130");
    expect(session().count()).toBe(before);
  });
  it("filter: a run is through the bags in order, coarse first", async () => {
    show(<FilterScreen />);
    const ready = litres("ready");
    press("Log the run");
    await waitFor(() => expect(litres("ready")).toBeGreaterThan(ready + 20));
    const [written] = session().written();
    expect(written?.kind === "filter-run" && written.data.bags).toEqual(["bag-50", "bag-5"]);
  });
  it("blend: pour and log empties nothing it does not name and meets the limit", async () => {
    show(<BlendScreen />);
    const kerosene = litres("kerosene-can");
    press("Pour and log");
    await waitFor(() => expect(litres("kerosene-can")).toBeLessThan(kerosene - 10));
    expect(
      session()
        .view(DEMO_NOW, null)
        .advice.map((a) => a.code),
    ).not.toContain("too-thick");
  });
  it("blend: petrol is not offered into a vehicle's tank, with the reason and no way round it", async () => {
    page.query = "vessel=tractor-tank";
    const written = await session().append(
      [{ kind: "purchase", data: { to: "kerosene-can" as never, fluid: "petrol", amount: { litres: 0.5 } } }],
      stampOf("petrol", DEMO_NOW),
    );
    expect(written.ok).toBe(true);
    show(<BlendScreen />);
    expect(await screen.findByText(/Mix them in a can, never in its tank/)).toBeDefined();
    expect((screen.getByRole("button", { name: "Pour and log" }) as HTMLButtonElement).disabled).toBe(true);
  });
  it("the log: what was refused but has happened is written, and says so in the books", async () => {
    const done = vi.fn();
    const values = { from: "diesel-can", to: "kettle-12", litres: "2" };
    await session().append(
      [{ kind: "purchase", data: { to: "diesel-can" as never, fluid: "petrol", amount: { litres: 0.5 } } }],
      stampOf("petrol", DEMO_NOW),
    );
    show(<Log verb="pour" values={values} onLeave={() => undefined} onClose={done} />);
    expect(await screen.findByText("Nothing with petrol in it goes into a kettle.")).toBeDefined();
    press("It has happened: log it all the same");
    await waitFor(() => expect(done).toHaveBeenCalled());
    expect(session().written()[0]?.despite).toEqual(["petrol-in-kettle"]);
    show(<BooksScreen />);
    expect((await screen.findAllByText("done although the app refused it")).length).toBe(1);
  });
  it("drive: a trip burns from both tanks", async () => {
    show(<DriveScreen />);
    const [oil, diesel] = [litres("flatbed-oil"), litres("flatbed-diesel")];
    press("Log the trip");
    await waitFor(() => expect(litres("flatbed-oil")).toBeCloseTo(oil - (7.4 * 45) / 60, 6));
    expect(litres("flatbed-diesel")).toBeCloseTo(diesel - (7.4 * 13) / 60, 6);
  });
  it("shed: a mark outside its range is said at the field and cannot be set", async () => {
    show(<ShedScreen />);
    type("Pump limit", "1");
    expect(screen.getByText("Between 2 and 100.")).toBeDefined();
    expect((screen.getByRole("button", { name: "Set pump limit" }) as HTMLButtonElement).disabled).toBe(true);
    type("Pump limit", "18");
    press("Set pump limit");
    await waitFor(() => expect(session().view(DEMO_NOW, null).settings.pumpLimitMm2PerS).toBe(18));
  });
  it("the log: a pickup of what is filled in, and a note with it", async () => {
    const done = vi.fn();
    show(<Log verb="pickup" values={{ source: "gannet", to: "pail-7" }} onLeave={() => undefined} onClose={done} />);
    const before = litres("pail-7");
    type("Litres", "5");
    type("Note", "smells of fish");
    press("Log it");
    await waitFor(() => expect(done).toHaveBeenCalled());
    expect(litres("pail-7")).toBeCloseTo(before + 5, 6);
    expect(session().written()[0]?.note).toBe("smells of fish");
  });
  it("the log: its verbs and their letters", () => {
    show(<Log verb={null} values={{}} onLeave={() => undefined} onClose={() => undefined} />);
    expect(within(screen.getByRole("dialog")).getAllByRole("button").length).toBeGreaterThan(15);
    fireEvent.keyDown(window, { key: "d" });
    expect(screen.getByRole("heading", { name: "Dip" })).toBeDefined();
  });
});

function UndoButton() {
  const { undo } = useUndo();
  return (
    <button type="button" onClick={() => void undo()}>
      undo
    </button>
  );
}

it("undo takes back the last thing written here, and has nothing to say in a fresh yard", async () => {
  show(
    <>
      <DriveScreen />
      <UndoButton />
    </>,
  );
  const oil = litres("flatbed-oil");
  press("undo");
  await act(async () => undefined);
  expect(session().written()).toEqual([]);
  press("Log the trip");
  await waitFor(() => expect(litres("flatbed-oil")).toBeLessThan(oil));
  press("undo");
  await waitFor(() => expect(litres("flatbed-oil")).toBeCloseTo(oil, 9));
});

it("the yard sends each next step to its bench or to the Log, filled in", () => {
  show(<YardScreen />);
  expect(screen.getByRole("link", { name: "Draw off: Draw off Drum 3" }).getAttribute("href")).toBe(
    "/settle?vessel=drum-3",
  );
  press("Dip first: Draw off Drum 3");
  expect(log.open).toHaveBeenCalledWith("dip", { vessel: "drum-3" });
  press("Tip it into Drum 5 all the same: Let Pail 7 stand to about Wed 2 Dec");
  expect(log.open).toHaveBeenLastCalledWith("pour", { from: "pail-7", to: "drum-5" });
});

it("a plate has no button to the bench one stands at", () => {
  page.path = "/kettle";
  const { unmount } = show(<KettleScreen />);
  expect(screen.queryByRole("link", { name: /Fatty oil/ })).toBeNull();
  unmount();
  page.path = "/";
  show(<YardScreen />);
  expect(screen.getByRole("link", { name: "Fatty oil: Kettle 12" }).getAttribute("href")).toBe(
    "/titrate?vessel=kettle-12",
  );
});
