import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { FUEL_TESTS, STAGES, type Stage, weighingOf } from "@/core/kettle";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { DEMO_NOW, demoStation } from "@/desk/testing";
import { stampOf } from "@/store/testing";
import { EXPECTED, FUEL_TEST_WORDS, markOf, OTHERWISE, readWords, STAGE_CAUTIONS, TEST_WORDS } from "@/ui/words/kettle";
import { KettleScreen } from ".";
import { clockAsked, loggedOf, molarRatioOf } from "./bench/clock";
import ReactionChart from "./bench/ReactionChart";
import { powerCut } from "./bench/StageClock";
import { differenceWords } from "./bench/stages/SplitStage";
import { PlanScreen } from "./plan";
import { DoseRows } from "./plan/WeighingList";
import { StillScreen } from "./still";
import { StockScreen } from "./stock";
import { TitrateScreen } from "./titrate";
import { shapeOf } from "./walk/SightGlass";

const { session, log, show } = demoStation();
const view = () => session().view(DEMO_NOW, null);
const ninth = () => view().batches.find((b) => b.batch.id === "batch-9") ?? (undefined as never);
const press = (name: string | RegExp): void => {
  fireEvent.click(screen.getByRole("button", { name }));
};
const type = (label: string | RegExp, text: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
};

describe("the kettle", () => {
  it("shows the stage with its clock, its jars and its caution, and stops and goes on", async () => {
    show(<KettleScreen />);
    const card = screen.getByRole("complementary", { name: "This stage" });
    expect(within(card).getByRole("heading", { level: 2 }).textContent).toMatch(/^Mixstage 4 of 9/);
    expect(screen.getByRole("img", { name: /^Expected: brown/ })).toBeDefined();
    expect(screen.getByRole("img", { name: /^Best batch: Batch/ })).toBeDefined();
    press("It stopped: power, pump or heater");
    await waitFor(() => expect(ninth().stages.mix?.runsSince).toBeNull());
  });
  it("keeps a reading of the thermometer, and refuses what cannot be", async () => {
    show(<KettleScreen />);
    type(/^In the kettle/, "990");
    press("Keep it");
    expect(screen.getByText("Between −20 °C and 150 °C.")).toBeDefined();
    type(/^In the kettle/, "66");
    expect(screen.getByText(/methanol boils off: turn it down/)).toBeDefined();
    press("Keep it");
    await waitFor(() => expect(ninth().readings.at(-1)?.celsius).toBe(66));
  });
  it("asks whether it is as expected before it goes on", () => {
    show(<KettleScreen />);
    press("Go on: settle");
    expect(screen.getByText("Read the caution below first.")).toBeDefined();
    press("I have read it, and am ready");
    press("Go on: settle");
    expect(screen.getByText("Is it as expected, or not?")).toBeDefined();
    press("It is not");
    expect(screen.getByText(OTHERWISE.mix)).toBeDefined();
  });
});

describe("its reaction clock", () => {
  it("is asked with what was weighed and read", () => {
    const asked = clockAsked(ninth(), "mix", "canola", view().fluids);
    expect(asked.minutes[0]).toBe(0);
    expect(asked.minutes.at(-1)).toBe(180);
    expect(asked.logged).toEqual([
      [12, 52],
      [58, 55],
    ]);
    expect(loggedOf(ninth(), "settle")).toEqual([]);
    // 9.8 kg of methanol to sixty litres of oil.
    expect(molarRatioOf(ninth(), "canola", view().fluids)).toBeCloseTo(4.9, 1);
  });
  it("is drawn with words for who cannot see it", () => {
    show(
      <ReactionChart
        minutes={[0, 60, 120]}
        index={[0, 0.8, 0.9]}
        reference={[0, 0.9, 1]}
        nowMinute={72}
        night={false}
        label="Now 0.85 of the reference recipe"
      />,
    );
    expect(screen.getByRole("img", { name: /^Now 0.85/ })).toBeDefined();
  });
});

describe("a titration", () => {
  it("reads as it is typed, calls the odd one, and says where it leads", async () => {
    show(<TitrateScreen />);
    type("Try 1", "1.8");
    type("Try 2", "1.9");
    type("Try 3", "6.5");
    expect(screen.getByText(/left out/)).toBeDefined();
    expect(screen.getByText(/Straight to the lye/)).toBeDefined();
    press("Log the titration");
    await waitFor(() => {
      const acid = view().vessels.find((v) => v.vessel.id === "kettle-12")?.quality.acid;
      expect(acid?.ffaPct).toBeCloseTo(0.91, 1);
    });
  });
  it("sends sour oil to the acid stage, and refuses a blank over the tries", () => {
    show(<TitrateScreen />);
    type("Try 1", "12");
    expect(screen.getByText(/An acid stage first/)).toBeDefined();
    type("Blank: the alcohol alone", "13");
    expect(screen.getByText("The blank took more than the oil did. Do both again.")).toBeDefined();
    type("Blank: the alcohol alone", "0");
    type("Try 1", "400");
    expect(screen.getByText(/more than even pure fatty acid could take/)).toBeDefined();
  });
});

describe("a plan", () => {
  it("has no grams before it is titrated, and sends one there", () => {
    show(<PlanScreen />);
    expect(screen.getByRole("link", { name: "Titrate Kettle 12" }).getAttribute("href")).toBe(
      "/titrate?vessel=kettle-12",
    );
    expect(document.querySelector("[data-lye]")?.textContent).toBe("…");
    press("Begin the batch");
    expect(screen.getByText(/titrate it first, or choose a fixed-size recipe by its maker's marks/)).toBeDefined();
  });
  it("by a kit's marks begins without a titration, its acid in one go, and says what nobody can know", async () => {
    const kit = { name: "Fifteen", oilLitres: 15, methanolLitres: 3, lyeG: 150, base: "KOH" as const };
    const kits = [{ ...kit, sulfuricMl: 15, acidMethanolLitres: 0.9, oilKind: "light fryer oil" }];
    await session().append([{ kind: "settings", data: { kits } }], stampOf("kits", DEMO_NOW));
    show(<PlanScreen />);
    fireEvent.click(await screen.findByRole("radio", { name: /^Fifteen/ }));
    expect(screen.getByText(/By the marks of Fifteen, for light fryer oil/)).toBeDefined();
    expect(document.querySelector("[data-lye]")?.textContent).toBe("150 g");
    expect((screen.getByLabelText("Litres of oil") as HTMLInputElement).value).toBe("15");
    expect(screen.getByText(/stand in Kettle 12, and Fifteen is for 15 L: pour the rest out first/)).toBeDefined();
    press("Begin the batch");
    await waitFor(() => {
      const recipe = view().batches.at(-1)?.batch.recipe;
      expect(recipe).toMatchObject({ path: "acid-base", untitratedKit: "Fifteen", sulfuricMl: 15, oilLitres: 15 });
      const weighing = recipe && weighingOf(recipe, 0.92);
      expect(weighing?.first.lyeG).toBeCloseTo(150, 0);
      expect(weighing?.acid?.sulfuricMl).toBe(15);
      expect(weighing?.acid?.methanolLitres).toBeCloseTo(0.9, 9);
    });
  });
});

describe("chemicals, and methanol back", () => {
  it("counts methanol everywhere, and opens the Log for more", () => {
    show(<StockScreen />);
    expect(screen.getByText("Methanol drum")).toBeDefined();
    press("Buy chemicals");
    expect(log.open).toHaveBeenCalledWith("buy-chemical");
    type("At most, by local rules and your own", "0");
    press("Keep");
    expect(screen.getByText(/Between 1 and 100,000 L/)).toBeDefined();
  });
  it("says how much comes at which heat, and by the hydrometer how good it is", async () => {
    show(<StillScreen />);
    expect(screen.getByText(/come over$/)).toBeDefined();
    type("Hydrometer", "0.99");
    expect(screen.getByText(/That is no methanol and water/)).toBeDefined();
    type("Hydrometer", "0.81");
    expect(screen.getByText(/% methanol, the rest water/)).toBeDefined();
    type("Litres in the receiver", "3");
    press("Back to stock: log it");
    await waitFor(() => {
      const drum = view().vessels.find((v) => v.vessel.id === "methanol-drum");
      expect(drum?.components.find((c) => c.component === "water")?.litres).toBeGreaterThan(0.1);
    });
  });
});

describe("a sight glass", () => {
  it("is a table of marks, or says which of them cannot be", () => {
    const mark = (cups: string, mm: string) => ({ cups, mm });
    expect(shapeOf([mark("5", "60"), mark("12", "110.5")], 1.5)).toEqual({
      kind: "table",
      points: [
        [60, 7.5],
        [110.5, 18],
      ],
    });
    expect(shapeOf([mark("5", "60"), mark("4", "90")], 1)).toBe("Mark 2 must lie above the one before: 60 mm.");
    expect(shapeOf([mark("5", "")], 1)).toMatch(/^Mark 1 wants/);
    expect(shapeOf([mark("", "")], 1)).toBe("At least one mark.");
    expect(shapeOf([mark("5", "60")], null)).toBe("How much does the cup hold?");
  });
});

describe("its words", () => {
  it("every stage says what to expect, and what else may be", () => {
    for (const stage of STAGES) {
      expect(EXPECTED[stage].length).toBeGreaterThan(20);
      expect(OTHERWISE[stage].length).toBeGreaterThan(20);
    }
    for (const stage of ["methoxide", "mix", "acid", "split", "wash", "polish"] satisfies Stage[])
      expect(STAGE_CAUTIONS[stage]).toMatch(/\w/);
  });
  it("every test has its mark, how it is made and what a fail means", () => {
    for (const test of FUEL_TESTS) {
      expect(markOf(test, DEFAULT_SETTINGS.fuelTests)).not.toMatch(/undefined|NaN/);
      expect(TEST_WORDS[test].fails).toMatch(/\.$/);
      expect(FUEL_TEST_WORDS[test]).toMatch(/^[A-Zp]/);
    }
    expect(readWords("solubility", 0.015)).toBe("1.5 % fell out");
    expect(readWords("cold-jar", 0)).toBe("cloudy or set");
    expect(readWords("density", 0.8812)).toBe("0.881 kg/L");
  });
  it("a power cut counts what it had, and a long one has parted it", () => {
    expect(powerCut("mix", 40, 120, 20)).toMatch(/give it the 80 min that are left/);
    expect(powerCut("mix", 40, 120, 400)).toMatch(/Glycerol has gone down/);
    expect(powerCut("acid", 40, 60, 400)).toMatch(/then titrate/);
    expect(differenceWords("glycerol", 1.4)).toMatch(/^More/);
    expect(differenceWords("wash", 0.5)).toMatch(/^Less/);
    expect(differenceWords("acid", 1)).toMatch(/^About/);
  });
});

describe("go on or stop", () => {
  it("a batch may be given up at any stage, and the kettle is then open for the next", async () => {
    show(<KettleScreen />);
    press("Give it up");
    await waitFor(() => expect(ninth().ended?.how).toBe("given-up"));
    expect(await screen.findByRole("heading", { level: 1, name: "Kettle" })).toBeDefined();
  });
});

describe("a weighing list", () => {
  const dose = { methanolLitres: 12.4, methanolKg: 9.8, waterKg: 0.6, lyeG: 183.4, sulfuricKg: 0, sulfuricMl: 0 };
  it("says what of the methanol is water, and grams of lye", () => {
    show(
      <ul>
        <DoseRows title="Methoxide" dose={dose} recipe={ninth().batch.recipe} />
      </ul>,
    );
    expect(document.body.textContent).toMatch(/9\.8 kg, 0\.60? kg of it water/);
    expect(screen.getByText("183 g")).toBeDefined();
  });
  it("in pounds besides, for whoever weighs in them", async () => {
    await session().append([{ kind: "settings", data: { massUnit: "lb" } }], stampOf("pounds", DEMO_NOW));
    show(
      <ul>
        <DoseRows title="Methoxide" dose={dose} recipe={ninth().batch.recipe} />
      </ul>,
    );
    expect(document.body.textContent).toMatch(/out of its pack, 0\.4\d* lb/);
  });
});
