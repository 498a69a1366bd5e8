import { act, fireEvent, render, screen } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { page } from "@/store/page.testing";
import { TestYard, testYardEachTime } from "@/store/testing";
import { Button } from "@/ui";
import { RunSheet, type SheetStep } from "./RunSheet";
import { useRunSheet } from "./useRunSheet";

const NOW = "2026-11-24T13:32:00.000Z";
const session = testYardEachTime([], NOW);

beforeEach(() => void vi.useFakeTimers({ now: Date.parse(NOW), toFake: ["Date", "setInterval", "clearInterval"] }));

const leave = vi.fn();
const steps = (done: () => void): SheetStep[] => [
  { title: "Weigh", body: <p>So much.</p> },
  { title: "Rest", body: <p>Leave it.</p>, minutes: 90, caution: "It is hot.", expect: "a skin" },
  { title: "Decant", body: <p>Draw it.</p>, does: <Button onClick={done}>To the draw-off</Button> },
];
function Sheet({ done = () => undefined }: { done?: () => void }) {
  const run = useRunSheet("test");
  return <RunSheet steps={steps(done)} run={run} onLeave={leave} />;
}
const show = () =>
  render(
    <TestYard session={session()}>
      <Sheet />
    </TestYard>,
  );
const press = (name: string | RegExp): void => void fireEvent.click(screen.getByRole("button", { name }));
const pass = (minutes: number): void =>
  act(() => {
    vi.setSystemTime(Date.now() + minutes * 60_000);
    vi.advanceTimersByTime(1000);
  });

describe("a run sheet", () => {
  it("shows one step at a time, with its caution and what to look for, and goes back", () => {
    show();
    expect(screen.getByRole("heading", { name: "Weigh" })).toBeDefined();
    expect(screen.getByRole("button", { name: "Back" })).toHaveProperty("disabled", true);
    press("Done, go on");
    expect(screen.getByRole("heading", { name: "Rest" })).toBeDefined();
    expect(screen.getByText("It is hot.", { exact: false })).toBeDefined();
    expect(screen.getByText("a skin", { exact: false })).toBeDefined();
    expect(screen.getByRole("list", { name: "Steps" }).querySelector('[aria-current="step"]')?.textContent).toBe(
      "2. Rest",
    );
    press("Back");
    expect(screen.getByRole("heading", { name: "Weigh" })).toBeDefined();
  });
  it("counts down by the clock, and sounds once when time is up", () => {
    show();
    press("Done, go on");
    press("Start the clock, 1 h 30 min");
    expect(screen.getByRole("timer").textContent).toMatch(/^1 h 30 min/);
    pass(31);
    expect(screen.getByRole("timer").textContent).toMatch(/^58:5\d|^59:/);
    expect(page.beeped).not.toHaveBeenCalled();
    pass(60);
    expect(screen.getByRole("timer").textContent).toMatch(/^Time is up/);
    expect(page.beeped).toHaveBeenCalled();
    const sounded = page.beeped.mock.calls.length;
    pass(5);
    expect(page.beeped.mock.calls.length).toBe(sounded);
  });
  it("outlives a closed tab: its place and its clock are there again", () => {
    const first = show();
    press("Done, go on");
    press(/^Start the clock/);
    first.unmount();
    vi.setSystemTime(Date.parse(NOW) + 40 * 60_000);
    show();
    expect(screen.getByRole("heading", { name: "Rest" })).toBeDefined();
    expect(screen.getByRole("timer").textContent).toMatch(/^50:00/);
  });
  it("ends in what is to be done, and may be left at any time", () => {
    show();
    press("Done, go on");
    press("Done, go on");
    expect(screen.queryByRole("button", { name: "Done, go on" })).toBeNull();
    expect(screen.getByRole("button", { name: "To the draw-off" })).toBeDefined();
    press("Leave, and go on later");
    expect(leave).toHaveBeenCalled();
  });
});
