import { act, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { DEMO_NOW, demoStation } from "@/desk/testing";
import { ContainerScreen } from "@/stations/container";
import { LabelsScreen } from "@/stations/labels";
import { RoundScreen } from "@/stations/round";
import { RoundsScreen } from "@/stations/rounds";
import { SourceScreen } from "@/stations/source";
import { page } from "@/store/page.testing";
import { stampOf } from "@/store/testing";

const { session, log, show } = demoStation();

const view = () => session().view(DEMO_NOW, null);
const press = async (name: string | RegExp): Promise<void> => {
  await act(async () => fireEvent.click(screen.getByRole("button", { name })));
};
const pick = async (name: string | RegExp): Promise<void> => {
  await act(async () => fireEvent.click(screen.getByRole("radio", { name })));
};
const type = (label: string, text: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
};

describe("sources", () => {
  const names = () =>
    screen.getAllByRole("heading", { level: 2 }).flatMap((h) =>
      within(h)
        .queryAllByRole("link")
        .map((a) => a.textContent),
    );
  it("stand fullest first, or by what they saved, the unknown last", async () => {
    show(<RoundsScreen />);
    expect(names()[0]).toBe("Beacon doughnuts");
    await pick("Worth most");
    const saved = view().sources.map((s) => [s.source.name, s.worth?.savedPerLitre ?? -1] as const);
    const best = saved.toSorted(([, a], [, b]) => b - a).map(([name]) => name);
    expect(names()[0]).toBe(best[0]);
    expect(names().slice(-2).sort()).toEqual(["Puffin kiosk", "The slip's workshop"]);
    expect(screen.getAllByText(/Too little of its oil has come to an end/)).toHaveLength(2);
  });
  it("show a bad lot, and where too little is known say so", () => {
    show(<RoundsScreen />);
    expect(screen.getByText(/14 L with 34 % water, sludge and fat\. 2 more before it\./)).toBeTruthy();
  });
  it("say what there is on wheels", () => {
    show(<RoundsScreen />);
    expect(screen.getByText(/0 L aboard, 320 kg of 320 kg left to load/)).toBeTruthy();
    expect(screen.getByText("Stands at home.")).toBeTruthy();
  });
});

describe("one source", () => {
  it("keeps what is known of it, and says what is wrong at the field", async () => {
    page.query = "id=puffin";
    show(<SourceScreen />);
    type("What they fry or drain, how often", "churros");
    type("Usually ready", "-4");
    await press("Keep it");
    expect(screen.getByText("More than nothing, and no more than a container at a kitchen holds.")).toBeTruthy();
    expect((screen.getByLabelText("What they fry or drain, how often") as HTMLInputElement).value).toBe("churros");
    type("Usually ready", "12");
    await press("Keep it");
    const puffin = () => view().sources.find((s) => s.source.id === "puffin");
    await waitFor(() => expect(puffin()?.source.fries).toBe("churros"));
    expect(puffin()?.source).toMatchObject({ name: "Puffin kiosk", fries: "churros", usualLitres: 12 });
    expect(screen.getByText("closed")).toBeTruthy();
  });
  it("of engine oil carries its caution", async () => {
    page.query = "id=slip";
    show(<SourceScreen />);
    expect(screen.getByText(/its sludge goes to a licensed recycler/)).toBeTruthy();
  });
  it("that is not there is said", () => {
    page.query = "id=nobody";
    show(<SourceScreen />);
    expect(screen.getByRole("heading", { level: 1, name: "No such source" })).toBeTruthy();
  });
});

describe("a round", () => {
  it("is planned, reordered, set off on, driven and ended", async () => {
    const { unmount } = show(<RoundScreen />);
    await waitFor(() => expect(screen.getByRole("heading", { name: "3 stops" })).toBeTruthy());
    await press("Gannet hostel earlier");
    expect(screen.getByText(/^Your order: .* than the best/)).toBeTruthy();
    await press("Back to the best round");
    await press("Set off");
    await waitFor(() => expect(screen.getByRole("heading", { level: 1, name: "Round, 0 of 3 stops" })).toBeTruthy());
    expect(view().advice[0]?.code).toBe("go-on");
    unmount();

    page.query = "stop=beacon";
    const stop = show(<RoundScreen />);
    await pick(/^Clear/);
    await press("One jerrycan more");
    await waitFor(() => expect(screen.getByRole("button", { name: "Take 20 L into Trailer drum" })).toBeTruthy());
    await press("Take 20 L into Trailer drum");
    await waitFor(() => expect(page.pushed).toHaveBeenCalled());
    expect(page.pushed).toHaveBeenCalledWith("/round");
    stop.unmount();
    expect(view().round?.called.get("beacon" as never)).toBeCloseTo(20, 9);
    expect(Object.keys(localStorage).filter((key) => key.includes("beacon"))).toEqual([]);

    page.query = "";
    show(<RoundScreen />);
    type("Way", "-3");
    await press(/^End it, 2 stops not called at/);
    expect(screen.getByText("It cannot be less than nothing.")).toBeTruthy();
    type("Way", "21");
    await press(/^End it, 2 stops not called at/);
    await waitFor(() => expect(view().round).toBeNull());
    expect(view().sources.find((s) => s.source.id === "beacon")?.roundKm).toBeGreaterThan(20);
  });
  it("warns of a doubtful lot on good oil, and remembers a half-filled stop", async () => {
    const { unmount } = show(<RoundScreen />);
    await waitFor(() => expect(screen.getByRole("heading", { name: "3 stops" })).toBeTruthy());
    await press("Set off");
    await waitFor(() => expect(view().round).not.toBeNull());
    unmount();
    page.query = "stop=gannet";
    const first = show(<RoundScreen />);
    await pick("Scoops");
    await press("One scoop more");
    await press("Half a scoop more");
    first.unmount();
    show(<RoundScreen />);
    expect(screen.getByText("3 L")).toBeTruthy();
    await press("Refuse it");
    await waitFor(() => expect(page.pushed).toHaveBeenCalled());
    const visit = view().sources.find((s) => s.source.id === "gannet")?.lastVisit;
    expect(visit).toMatchObject({ outcome: "refused", look: null });
  });
  it("says of everybody who is not on it why", async () => {
    const at = { kind: "map" as const, eastKm: 1, northKm: 1 };
    const greedy = view().sources.find((s) => s.source.id === "puffin")?.source;
    if (!greedy) throw new Error("no kiosk");
    const dear = { ...greedy, spot: at, pricePerLitre: 5 };
    await session().append([{ kind: "source", data: dear }], stampOf("dear", DEMO_NOW));
    show(<RoundScreen />);
    await waitFor(() => expect(screen.getByRole("heading", { name: "3 stops" })).toBeTruthy());
    expect(await screen.findByText(/asks more than its oil saves; about 5 L/)).toBeTruthy();
    expect(screen.getByText(/closed then; about 8 L/)).toBeTruthy();
    await press(/^Leave out ?Gannet hostel$/);
    await waitFor(() => expect(screen.getByText(/left out by you; about 17 L, 3.9 km away/)).toBeTruthy());
    type("Can settle", "20");
    await waitFor(() => expect(screen.getByText(/no room left for its oil; about 10 L/)).toBeTruthy());
    await press(/^Put in ?Lighthouse inn$/);
    expect(screen.getByRole("heading", { name: "2 stops" })).toBeTruthy();
  });
  it("has its sheet for paper, with what one must know at each stop", async () => {
    show(<RoundScreen />);
    await waitFor(() => expect(screen.getByRole("heading", { name: "3 stops" })).toBeTruthy());
    const sheet = within(await screen.findByRole("region", { name: "Round sheet" }));
    expect(sheet.getAllByRole("row")).toHaveLength(4);
    expect(sheet.getByText(/they pay €0.05 a litre/)).toBeTruthy();
    await pick("Tomorrow");
    expect(sheet.getByRole("heading", { name: /round of Wednesday 25 November$/ })).toBeTruthy();
  });
  it("says where nothing can be planned", async () => {
    show(<RoundScreen />);
    await waitFor(() => expect(screen.getByRole("heading", { name: "3 stops" })).toBeTruthy());
    type("Can settle", "0");
    await waitFor(() => expect(screen.getByText(/Nothing is worth the way, or nothing fits/)).toBeTruthy());
    expect((screen.getByRole("button", { name: "Set off" }) as HTMLButtonElement).disabled).toBe(true);
    expect(screen.getByText(/More is stopped by the settling room, 0 L/)).toBeTruthy();
  });
});

describe("labels and what they open", () => {
  it("are printed for the containers ticked", async () => {
    show(<LabelsScreen />);
    const all = view().vessels.length;
    expect(screen.getByRole("button", { name: `Print ${all} labels` })).toBeTruthy();
    await press("None");
    await act(async () => fireEvent.click(screen.getByRole("checkbox", { name: /^Ready/ })));
    const label = screen.getByRole("listitem", { name: "Label of Ready" });
    expect(within(label).getByText("Ready, 5 µm")).toBeTruthy();
    expect(within(label).getByTitle("Opens Ready")).toBeTruthy();
    expect(screen.getByRole("button", { name: "Print 1 label" })).toBeTruthy();
  });
  it("open a container with its lots and its next step", async () => {
    page.query = "vessel=carton-4";
    show(<ContainerScreen />);
    expect(screen.getByRole("heading", { level: 1, name: "Carton 4" })).toBeTruthy();
    expect(screen.getByRole("heading", { name: /^Keep Carton 4 apart to about/ })).toBeTruthy();
    expect(await screen.findByText(/22 Nov 2026, Harbour school kitchen/)).toBeTruthy();
    await press("Dipped");
    expect(log.open).toHaveBeenCalledWith("dip", { vessel: "carton-4" });
  });
  it("of a container that is not here says so", () => {
    page.query = "vessel=gone";
    show(<ContainerScreen />);
    expect(screen.getByRole("heading", { level: 1, name: "No such container" })).toBeTruthy();
  });
});

describe("a yard with nothing in it", () => {
  it.each([
    ["sources", () => <RoundsScreen />],
    ["one source", () => <SourceScreen />],
    ["a round", () => <RoundScreen />],
    ["labels", () => <LabelsScreen />],
    ["a container", () => <ContainerScreen />],
  ] as [string, () => React.ReactNode][])("draws %s, and offers a way on", async (_, make) => {
    await session().seed([], true);
    const { container } = show(make());
    await act(async () => undefined);
    expect(screen.getAllByRole("heading", { level: 1 }).length).toBeGreaterThan(0);
    expect(screen.queryAllByRole("button").length + screen.queryAllByRole("link").length).toBeGreaterThan(0);
    expect(container.textContent).not.toMatch(/undefined|NaN|\[object|Infinity/);
  });
});
