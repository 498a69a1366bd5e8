import { act, render, screen } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import { page } from "@/store/page.testing";
import { TestYard, testYardEachTime } from "@/store/testing";
import { FlowWatch } from "./FlowWatch";
import { dropFlow, type Flow, keepFlow, readFlows } from "./flow";

const NOW = "2026-11-24T13:32:00.000Z";
const session = testYardEachTime([], NOW);
const after = (minutes: number): string => new Date(Date.parse(NOW) + minutes * 60_000).toISOString();
const flow = (more: Partial<Flow> = {}): Flow => ({
  yard: "own",
  vessel: "drum-3",
  name: "Drum 3",
  endsAt: after(30),
  because: "Then: Feed tub is full.",
  ...more,
});

beforeEach(() => {
  vi.useFakeTimers({ now: Date.parse(NOW), toFake: ["Date", "setInterval", "clearInterval"] });
});

const show = () =>
  render(
    <TestYard session={session()}>
      <FlowWatch />
    </TestYard>,
  );
const pass = (minutes: number): void =>
  act(() => {
    vi.setSystemTime(Date.now() + minutes * 60_000);
    vi.advanceTimersByTime(1000);
  });

it("says until when oil runs, sounds two minutes before and again at the end, once each", () => {
  keepFlow(flow());
  show();
  expect(screen.getByRole("status").textContent).toMatch(
    /^Stop at \d\d:\d\d: Drum 3 is running\. Then: Feed tub is full/,
  );
  expect(page.beeped).not.toHaveBeenCalled();
  pass(28.5);
  expect(screen.getByRole("alert").textContent).toMatch(/^Stop at/);
  expect(page.beeped).toHaveBeenCalledTimes(1);
  pass(2);
  expect(screen.getByRole("alert").textContent).toMatch(/^Stop now/);
  expect(page.beeped).toHaveBeenCalledTimes(2);
  pass(1);
  expect(page.beeped).toHaveBeenCalledTimes(2);
  expect(screen.getByRole("link").getAttribute("href")).toBe("/settle?vessel=drum-3");
});

it("is quiet when it was stopped, and about another yard's oil", () => {
  keepFlow(flow());
  show();
  dropFlow("own", "drum-3");
  pass(0.1);
  expect(screen.queryByRole("status")).toBeNull();
  keepFlow(flow({ yard: "demo" }));
  pass(40);
  expect(screen.queryByRole("alert")).toBeNull();
  expect(page.beeped).not.toHaveBeenCalled();
});

it("watches several at once; one that is begun anew counts from then", () => {
  keepFlow(flow());
  keepFlow(flow({ vessel: "cone", name: "Cone", endsAt: after(1) }));
  keepFlow(flow({ endsAt: after(90) }));
  show();
  expect(screen.getByRole("alert").textContent).toMatch(/Cone is running/);
  expect(screen.getByRole("status").textContent).toMatch(/^Stop at \d\d:\d\d: Drum 3/);
  dropFlow("own", "cone");
  pass(0.1);
  expect(screen.queryByRole("alert")).toBeNull();
  expect(readFlows()).toHaveLength(1);
});

it("takes what it cannot read for nothing", () => {
  localStorage.setItem("flows under way", "{");
  expect(readFlows()).toEqual([]);
});
