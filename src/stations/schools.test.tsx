import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { VERBS } from "@/app/verbs";
import type { BatchRecipe } from "@/core/kettle";
import { DEFAULT_SETTINGS, type Draft } from "@/core/ledger";
import { usualNights } from "@/core/ledger/usualYear";
import VoidForm from "@/desk/entries/VoidForm";
import { readForm } from "@/desk/form/useForm";
import { DEMO_NOW, demoStation, stationOf } from "@/desk/testing";
import { stampOf } from "@/store/testing";
import { unitsOf } from "@/ui/words";
import { MonthLows } from "./blend/season/MonthLows";
import { KettleScreen } from "./kettle";
import { YardScreen } from "./yard";

const verb = (key: string) => VERBS.find((v) => v.key === key) ?? (undefined as never);
const press = (name: string | RegExp): void => {
  fireEvent.click(screen.getByRole("button", { name }));
};
const type = (label: string | RegExp, text: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
};

describe("an empty yard's weather", () => {
  const { session, show } = stationOf([]);
  const view = () => session().view(DEMO_NOW, null);
  const write = async (draft: Draft, id: string): Promise<void> => {
    expect((await session().append([draft], stampOf(id, DEMO_NOW))).ok).toBe(true);
  };

  it("is said to be nobody's, and starts from the south by a tap", async () => {
    show(<MonthLows />);
    expect(screen.getByText(/a mild northern year\. Start from where you are/)).toBeDefined();
    press("Cool south");
    const july = usualNights(-43)[6] ?? Number.NaN;
    expect((screen.getByLabelText("July") as HTMLInputElement).value).toBe(String(july));
    press("Keep these");
    await waitFor(() => expect(view().weather.nightsBy).toBe("owner"));
    expect(view().settings.nightMonthsCelsius[6]).toBe(july);
    expect(screen.queryByText(/Nobody has said them/)).toBeNull();
  });
  it("takes what is there as one's own, unchanged", async () => {
    show(<MonthLows />);
    press("Keep these");
    await waitFor(() => expect(view().weather.nightsBy).toBe("owner"));
    expect(view().settings.nightMonthsCelsius).toEqual(DEFAULT_SETTINGS.nightMonthsCelsius);
    expect((screen.getByRole("button", { name: "Keep these" }) as HTMLButtonElement).disabled).toBe(true);
  });
  it("starts from home's latitude once that is known, and says so", async () => {
    await write({ kind: "settings", data: { home: { latitude: -37, longitude: 145 } } }, "home");
    show(<MonthLows />);
    expect(screen.getByText(/usual for the latitude of your yard/)).toBeDefined();
    expect(screen.queryByRole("button", { name: "Tropics" })).toBeNull();
  });
  it("refuses a month that is no temperature, and keeps the others as typed", () => {
    show(<MonthLows />);
    type("March", "mild");
    expect(screen.getByText("A temperature, please.")).toBeDefined();
    expect((screen.getByRole("button", { name: "Keep these" }) as HTMLButtonElement).disabled).toBe(true);
    expect((screen.getByLabelText("March") as HTMLInputElement).value).toBe("mild");
  });
  it("in the Log opens with nothing: only what was read is said, and one of the two must be", () => {
    const weather = verb("weather");
    const opened = readForm(weather, {}, {}, view(), unitsOf(view().settings));
    expect([opened.values.maybe("shedCelsius"), opened.values.maybe("tonightLowCelsius")]).toEqual([
      undefined,
      undefined,
    ]);
    expect(weather.wrong?.(opened.values)).toMatch(/one of the two/);
    const typed = { tonightLowCelsius: "23 °F" };
    const read = readForm(weather, typed, typed, view(), unitsOf(view().settings));
    expect(weather.wrong?.(read.values)).toBeUndefined();
    expect(weather.build(read.values, view(), () => "x")).toEqual({
      kind: "weather",
      data: { tonightLowCelsius: expect.closeTo(-5, 9) },
    });
  });
});

describe("the demo yard as another school", () => {
  const { session, show } = demoStation();
  const view = () => session().view(DEMO_NOW, null);
  const write = async (draft: Draft, id: string): Promise<void> => {
    const said = await session().append([draft], stampOf(id, DEMO_NOW));
    expect(said.ok, JSON.stringify(said)).toBe(true);
  };
  const units = () => unitsOf(view().settings);

  it("says beside the day who read the shed and who said the night", () => {
    show(<YardScreen />);
    expect(screen.getByText(/^Shed 11 °C, read today; tonight −2 °C, said today\./)).toBeDefined();
  });
  it("of the same oil, through the same filter, both doors book the same muck", async () => {
    const along = { id: "bag-along", name: "Hand pump", ratingUm: 10, areaM2: 0.02, form: "hand-pump" };
    await write({ kind: "bag", data: along as never }, "along");
    const given = {
      source: "harbour",
      litres: "10",
      look: "clear",
      through: "bag-along",
      pan: "quiet",
      stoodThereDays: "9",
    };
    const built = (key: string, to: string) => {
      const form = verb(key);
      const texts = { ...given, to };
      const draft = form.build(readForm(form, texts, texts, view(), units()).values, view(), () => "x");
      return (draft as Draft & { kind: "pickup" }).data;
    };
    const [road, round] = [built("fill-on-road", "flatbed-oil"), built("pickup", "ready")];
    expect(road.muck).toEqual(round.muck);
    expect(road.muck).toMatchObject({ sludge: 0, water: 0 });
    expect(road.muck["fryer-fat"]).toBeGreaterThan(0);
    const offered = verb("fill-on-road").fields.find((f) => f.name === "through");
    expect(offered?.kind === "choice" && offered.first?.(view(), {} as never)).toBe("bag-along");
    expect([road.pan, road.stoodThereDays]).toEqual(["quiet", 9]);
  });
  it("puts a drop on paper only of what is dark", () => {
    const dark = verb("dark-test").fields[0];
    if (dark?.kind !== "choice") throw new Error("not a choice");
    expect(dark.options(view(), {} as never).map((o) => o.name)).toEqual(["Black tin"]);
    expect(dark.options({ ...view(), vessels: [] }, {} as never)).toEqual([]);
    const words = (paper: string, drip: string): string => {
      const texts = { paper, drip };
      return verb("dark-test").said(readForm(verb("dark-test"), texts, texts, view(), units()).values, view(), units());
    };
    expect(words("even", "clean")).toBe("Black tin: its sludge is out, as far as paper tells.");
    expect(words("even", "slow")).toMatch(/still carries sludge: let it stand/);
  });
  it("asks of black blends only where there is engine oil", () => {
    const field = verb("add-vehicle").fields.find((f) => f.name === "black");
    const values = readForm(verb("add-vehicle"), {}, {}, view(), units()).values;
    expect(field?.asked?.(view(), values)).toBe(true);
    const without = { ...view(), sources: [], vessels: [] };
    expect(field?.asked?.(without, values)).toBe(false);
  });
  it("Enter in the reason voids an entry, and an empty reason is asked for at its field", async () => {
    await write({ kind: "weather", data: { shedCelsius: 9 } }, "read");
    const entry = session()
      .written()
      .find((e) => e.kind === "weather");
    if (!entry) throw new Error("not written");
    let isDone = false;
    show(<VoidForm entry={entry} onDone={() => (isDone = true)} />);
    const reason = screen.getByLabelText("Why is it void?");
    fireEvent.submit(reason.closest("form") as HTMLFormElement);
    expect(await screen.findByText("Say why, for whoever reads the books.")).toBeDefined();
    fireEvent.change(reason, { target: { value: "read wrong" } });
    fireEvent.submit(reason.closest("form") as HTMLFormElement);
    await waitFor(() => expect(isDone).toBe(true));
    expect(view().settings.shedCelsius).toBe(11);
  });
  it("titrating again after an acid stage is passed with a word, and the word stands in the book", async () => {
    const before = view().batches.find((b) => b.batch.id === "batch-9")?.batch;
    if (!before) throw new Error("no such batch");
    const recipe: BatchRecipe = { ...before.recipe, path: "acid-base", acidMolPerL: 0.3 };
    await write({ kind: "batch", data: { ...before, recipe } as never }, "sour");
    for (const stage of ["acid", "acid-settle", "acid-split"] as const)
      await write({ kind: "stage", data: { batch: before.id, stage, did: "done", saw: "expected" } }, `done-${stage}`);
    show(<KettleScreen />);
    const card = within(screen.getByRole("complementary", { name: "This stage" }));
    expect(card.getByRole("heading", { level: 2 }).textContent).toMatch(/^Titrate again/);
    expect(card.getByText("Titrate it below first, or say why you go on without.")).toBeDefined();
    fireEvent.change(card.getByLabelText("Or go on without: why"), { target: { value: "the bottle is empty" } });
    const read = card.queryByRole("button", { name: "I have read it, and am ready" });
    if (read) fireEvent.click(read);
    fireEvent.click(card.getByRole("button", { name: "As expected" }));
    fireEvent.click(card.getByRole("button", { name: /^Go on/ }));
    await waitFor(() => {
      const stage = view().batches.find((b) => b.batch.id === before.id)?.stages.retitrate;
      expect(stage).toMatchObject({ saw: "expected", note: "Not titrated again: the bottle is empty" });
    });
  });
});
