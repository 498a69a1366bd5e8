import { act, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { beforeEach, describe, expect, it } from "vitest";
import { demoYard } from "@/demo/demoYard";
import { BlendScreen } from "@/stations/blend";
import { DriveScreen } from "@/stations/drive";
import { FilterScreen } from "@/stations/filter";
import { SettleScreen } from "@/stations/settle";
import { SpinScreen } from "@/stations/spin";
import { page } from "@/store/page.testing";
import { stampOf, TestYard, testYardEachTime } from "@/store/testing";

const NOW = "2026-11-24T13:32:00.000Z";
const session = testYardEachTime(demoYard(Date.parse(NOW)), NOW);

/** Every bench that writes amounts which it has filled in itself, and the button that writes them. */
const BENCHES: [string, string, () => React.ReactNode, string][] = [
  ["filter", "vessel=feed-tub", () => <FilterScreen />, "Log the run"],
  ["draw off", "vessel=drum-3", () => <SettleScreen />, "Log the draw-off"],
  ["settler", "vessel=cone", () => <SettleScreen />, "Log the batch"],
  ["centrifuge", "vessel=drum-5", () => <SpinScreen />, "Log the pass"],
  ["blend", "vessel=tractor-tank", () => <BlendScreen />, "Pour and log"],
  ["trip", "vehicle=flatbed", () => <DriveScreen />, "Log the trip"],
];

const UNITS = {
  metric: {},
  us: { volumeUnit: "gal", temperatureUnit: "f", lengthUnit: "in", distanceUnit: "mi", massUnit: "lb" },
  imperial: { volumeUnit: "impgal", lengthUnit: "in", distanceUnit: "mi", massUnit: "lb" },
} as const;

async function writtenIn(units: keyof typeof UNITS, make: () => React.ReactNode, button: string): Promise<unknown> {
  await session().reset();
  await session().append([{ kind: "settings", data: UNITS[units] }], stampOf(`units-${units}`, NOW));
  const { unmount } = render(<TestYard session={session()}>{make()}</TestYard>);
  await act(async () => undefined);
  const found = await screen.findByRole("button", { name: button });
  await waitFor(() => expect(found).toHaveProperty("disabled", false));
  fireEvent.click(found);
  await waitFor(() => expect(session().written()[0]?.kind).not.toBe("settings"));
  unmount();
  return session().written()[0]?.data;
}

describe("a bench left as it opens writes the same in every unit", () => {
  beforeEach(() => {
    page.query = "";
  });
  it.each(BENCHES)("%s", async (_, query, make, button) => {
    page.query = query;
    const metric = await writtenIn("metric", make, button);
    expect(await writtenIn("us", make, button)).toEqual(metric);
    expect(await writtenIn("imperial", make, button)).toEqual(metric);
  });
});
