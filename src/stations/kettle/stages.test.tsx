import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import BatchWatch from "@/app/BatchWatch";
import type { Stage } from "@/core/kettle";
import type { Draft } from "@/core/ledger";
import { asBatchId, asVesselId } from "@/core/ledger/named";
import { potIn, splitExpected } from "@/core/readings/kettle/pots";
import { DEMO_NOW, demoStation } from "@/desk/testing";
import { page } from "@/store/page.testing";
import { stampOf } from "@/store/testing";
import { KettleScreen } from ".";
import { BatchesScreen } from "./batches";
import { PlanScreen } from "./plan";
import { WalkScreen } from "./walk";

const { session, log, show } = demoStation();
const view = () => session().view(DEMO_NOW, null);
const NINTH = asBatchId("batch-9");
const ninth = () => view().batches.find((b) => b.batch.id === NINTH) ?? (undefined as never);
const kettle = () => view().vessels.find((v) => v.vessel.id === "big-kettle") ?? (undefined as never);
const press = (name: string | RegExp): void => {
  fireEvent.click(screen.getByRole("button", { name }));
};
const type = (label: string | RegExp, text: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
};
let stamps = 0;
const write = async (...drafts: readonly Draft[]): Promise<void> => {
  for (const draft of drafts) {
    stamps += 1;
    const written = await session().append([draft], stampOf(`stage-${stamps}`, DEMO_NOW));
    expect(written.ok, JSON.stringify(written)).toBe(true);
  }
};
const done = (...stages: readonly Stage[]): Draft[] =>
  stages.map((stage) => ({ kind: "stage", data: { batch: NINTH, stage, did: "done", saw: "expected" } }));

/** The ninth batch, mixed: oil and methanol to ester and glycerol, in kilograms near enough. */
const mixed: Draft = {
  kind: "react",
  data: {
    vessel: asVesselId("big-kettle"),
    batch: NINTH,
    takes: [
      { component: "canola", kg: 52 },
      { component: "methanol", kg: 5.6 },
    ],
    gives: [
      { component: "biodiesel", kg: 52.2 },
      { component: "glycerol", kg: 5.4 },
    ],
  },
};
const split = (): Draft => {
  const e = splitExpected(potIn(kettle()), "glycerol", view().settings.phases);
  return {
    kind: "split",
    data: {
      ...{ batch: NINTH, phase: "glycerol", from: asVesselId("big-kettle"), to: asVesselId("glycerol-tub") },
      amount: { litres: e.litres },
      below: e.below.map((b) => ({ ...b })),
      expectedLitres: e.litres,
    },
  };
};

afterEach(() => {
  page.query = "";
});

describe("splitting", () => {
  it("says how much should come, and what more or less means; refuses more than the tub takes", async () => {
    await write(mixed, ...done("mix", "settle"));
    show(<KettleScreen />);
    expect(screen.getByText("should come")).toBeDefined();
    type("Litres let out", "14");
    expect(screen.getByText(/^1\d\d % of what was expected\. More/)).toBeDefined();
    type("Litres let out", "2");
    expect(screen.getByText(/of what was expected\. Less/)).toBeDefined();
    type("Litres let out", "60");
    press("I have read it, and am ready");
    press("As expected");
    press("Go on: wash");
    expect(screen.getByText(/Glycerol tub has room for/)).toBeDefined();
  });
  it("reads the litres off the line, by dip or glass", async () => {
    await write(mixed, ...done("mix", "settle"));
    show(<KettleScreen />);
    type("Or the line stood at", "190");
    expect(screen.getByText(/^= \d+(\.\d)? L$/)).toBeDefined();
  });
});

describe("washing", () => {
  const toWash = async (): Promise<void> => {
    await write(mixed, ...done("mix", "settle"));
    await write(split(), ...done("split"));
  };
  it("asks for water that fits, forecasts the soap, and wants the water out before it goes on", async () => {
    await toWash();
    show(<KettleScreen />);
    expect(screen.getByText(/^Not washed yet/)).toBeDefined();
    type("Litres of water", "500");
    press("Washed: log it");
    expect(screen.getByText(/^Only .* go in\.$/)).toBeDefined();
    type("Litres of water", "15");
    type("Vinegar in it", "0");
    press("Washed: log it");
    await waitFor(() => expect(ninth().washes).toEqual([expect.objectContaining({ waterLitres: 15, vinegarMl: 0 })]));
    expect(await screen.findByText("Let the water out first.")).toBeDefined();
  });
  it("a dry wash takes no water", async () => {
    await toWash();
    show(<KettleScreen />);
    fireEvent.click(screen.getByRole("radio", { name: /^Dry wash/ }));
    expect(screen.queryByLabelText("Litres of water")).toBeNull();
    press("Washed: log it");
    await waitFor(() => expect(ninth().washes).toEqual([expect.objectContaining({ waterLitres: 0 })]));
  });
  it("against an emulsion it goes from the gentlest on, and counts what helped", async () => {
    await toWash();
    show(<KettleScreen />);
    press("It did not");
    expect(await screen.findByText(/It did not part here/)).toBeDefined();
    press("It parted");
    await waitFor(() =>
      expect(ninth().helps.map((h) => [h.tried, h.parted])).toEqual([
        ["wait", false],
        ["warm", true],
      ]),
    );
  });
});

describe("tests of a batch", () => {
  const toTests = async (): Promise<void> => {
    await write(mixed, ...done("mix", "settle"));
    await write(split(), ...done("split", "wash", "polish"));
  };
  it("a fail says what it means, and sends it back or to be reworked", async () => {
    await toTests();
    show(<KettleScreen />);
    type("Fuel", "10");
    type("Fell out", "20");
    press("Log the test");
    expect(screen.getAllByText("That cannot be, or is missing.").length).toBeGreaterThan(0);
    type("Fell out", "2");
    expect(screen.getByText("20.0 % fell out")).toBeDefined();
    press("Log the test");
    expect(await screen.findByText(/Oil that was not turned\. React it again/)).toBeDefined();
    expect(screen.getByRole("link", { name: /a rework$/ }).getAttribute("href")).toBe("/batch?rework=batch-9");
    press("Dry it again");
    await waitFor(() => expect(ninth().stages.polish?.doneAt).toBeNull());
  });
  it("passes when all that is needed is inside, and then it is fuel", async () => {
    await toTests();
    const test = (name: "solubility" | "soap" | "water", value: number): Draft => ({
      kind: "fuel-test",
      data: { batch: NINTH, vessel: asVesselId("big-kettle"), test: name, value },
    });
    await write(test("solubility", 0.01), test("soap", 60), test("water", 300));
    show(<KettleScreen />);
    press("As expected");
    press(/^It is fuel: /);
    await waitFor(() => expect(ninth().ended?.how).toBe("fuel"));
    expect(ninth().verdict).toBe("passed");
  });
});

describe("a batch that is over", () => {
  it("asks where its jar stands, and keeps it", async () => {
    page.query = "batch=batch-8";
    show(<KettleScreen />);
    await screen.findByRole("button", { name: "Keep it in the book" });
    press("Keep it in the book");
    expect(screen.getByText("Where does it stand?")).toBeDefined();
    type("It stands", "South shelf");
    press("Keep it in the book");
    expect(await screen.findByText(/^“Batch 8”, South shelf/)).toBeDefined();
  });
  it("stands in the books with what was expected beside what was seen", () => {
    page.query = "batch=batch-8";
    show(<BatchesScreen />);
    const table = within(screen.getByRole("region", { name: "Balance" }));
    expect(table.getAllByRole("row")).toHaveLength(7);
    expect(screen.getByText(/% expected,/)).toBeDefined();
    press("Dispose: where and when");
    expect(log.open).toHaveBeenCalledWith("dispose");
  });
});

describe("its owner's marks", () => {
  it("of a test are refused where they cannot be, and kept where they can", async () => {
    show(<BatchesScreen />);
    type("pH from", "9");
    press("Keep the marks");
    expect(screen.getByText("More than where it begins.")).toBeDefined();
    type("pH from", "6.5");
    type("Soap, at most", "0");
    press("Keep the marks");
    expect(screen.getByText("Between 1 and 100000.")).toBeDefined();
    type("Soap, at most", "80");
    fireEvent.click(screen.getByLabelText("Jar in the cold"));
    press("Keep the marks");
    await waitFor(() => expect(view().settings.fuelTests).toMatchObject({ soapPpm: 80, phFrom: 6.5 }));
    expect(view().settings.fuelTests.needed).toContain("cold-jar");
  });
  it("of how things part likewise", async () => {
    show(<BatchesScreen />);
    type("Soap in wash water, times that in fuel", "0");
    press("Keep it");
    expect(screen.getByText("Between 0.1 and 1000.")).toBeDefined();
    type("Soap in wash water, times that in fuel", "12");
    press("Keep it");
    await waitFor(() => expect(view().settings.phases.soapPartition).toBe(12));
  });
});

describe("a walk-down", () => {
  it("wants every answer, says what is to be put right, and stays with its kettle", async () => {
    page.query = "vessel=kettle-12";
    show(<WalkScreen />);
    press("Keep it with the kettle");
    expect(screen.getByText(/^Not answered yet/)).toBeDefined();
    for (const yes of screen.getAllByRole("button", { name: "Yes" })) fireEvent.click(yes);
    fireEvent.click(screen.getAllByRole("button", { name: "No" })[0] as HTMLElement);
    expect(screen.getByText(/Put right first/)).toBeDefined();
    press("Keep it with the kettle");
    await waitFor(() => {
      const found = view().vessels.find((v) => v.vessel.id === "kettle-12")?.walkDown?.checks;
      expect(found).toMatchObject({ materials: "no", vent: "yes" });
    });
  });
});

describe("a plan's own figures", () => {
  it("of a pace and of a kit are asked, refused and kept", async () => {
    await write({
      kind: "titration",
      data: {
        ...{ vessel: asVesselId("kettle-12"), base: "KOH", titrantGPerL: 1, titrantPurity: 1, oilMl: 1 },
        ...{ tries: [2], blankMl: 0 },
      },
    });
    show(<PlanScreen />);
    fireEvent.click(screen.getByRole("radio", { name: /^My own/ }));
    type("Hold at", "80");
    press("Begin the batch");
    expect(screen.getByText(/above it methanol boils off/)).toBeDefined();
    press("Keep it");
    expect(screen.getByText("What shall it be called?")).toBeDefined();
    const kit = within(screen.getByText("Keep a fixed-size recipe").closest("details") as HTMLElement);
    fireEvent.change(kit.getByLabelText("Its name"), { target: { value: "Twenty" } });
    fireEvent.change(kit.getByLabelText("Oil, to its mark"), { target: { value: "15" } });
    fireEvent.change(kit.getByLabelText("Methanol, to its mark"), { target: { value: "3" } });
    fireEvent.change(kit.getByLabelText("Lye, one measure"), { target: { value: "150" } });
    press("Keep it");
    await waitFor(() => expect(view().settings.kits).toHaveLength(1));
    fireEvent.click(await screen.findByRole("radio", { name: /^Twenty/ }));
    expect(screen.getByText(/Its one measure of lye does for up to/)).toBeDefined();
  });
});

describe("the watch on every page", () => {
  it("says nothing while a stage runs, and sounds when its time is up", () => {
    vi.useFakeTimers({ now: new Date(DEMO_NOW), toFake: ["Date"] });
    const { unmount } = show(<BatchWatch />);
    expect(screen.queryByRole("alert")).toBeNull();
    unmount();
    vi.setSystemTime(new Date(Date.parse(DEMO_NOW) + 3_600_000));
    show(<BatchWatch />);
    expect(screen.getByRole("alert").textContent).toMatch(/^Batch 9: mix is up/);
    vi.useRealTimers();
  });
});
