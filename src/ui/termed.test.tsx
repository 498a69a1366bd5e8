import { fireEvent, render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { Termed } from ".";
import { aboutDay, counted, unitsOf } from "./words";
import { TERMS } from "./words/terms";

describe("a term of the craft", () => {
  it("opens its meaning where it stands, and closes it again; the sentence stays whole", () => {
    const { container } = render(<Termed>Thin enough is 15 mm²/s or less; purge before the heel of it sets.</Termed>);
    expect(container.textContent).toBe("Thin enough is 15 mm²/s or less; purge before the heel of it sets.");
    expect(screen.getAllByRole("button").map((b) => b.textContent)).toEqual(["mm²/s", "purge", "heel"]);
    fireEvent.click(screen.getByRole("button", { name: "mm²/s" }));
    expect(screen.getByRole("note").textContent).toMatch(/how thick it is/);
    fireEvent.click(screen.getByRole("button", { name: "purge" }));
    expect(screen.getByRole("note").textContent).toMatch(/on diesel before a stop/);
    fireEvent.click(screen.getByRole("button", { name: "purge" }));
    expect(screen.queryByRole("note")).toBeNull();
  });
  it("is marked once, and the longer before the shorter it holds", () => {
    render(<Termed>A displacement settler is a settler, and a settler is fed from below.</Termed>);
    expect(screen.getAllByRole("button").map((b) => b.textContent)).toEqual(
      ["displacement settler", "settler"].slice(0, 1),
    );
  });
  it("a sentence without any is just itself", () => {
    render(<Termed>Everything stands as it should.</Termed>);
    expect(screen.queryByRole("button")).toBeNull();
  });
  it.each(TERMS.map((t) => [String(t.term), t.meaning] as const))("%s says what it is in one line", (_, meaning) => {
    expect(meaning).toMatch(/^[A-Z].*\.$/);
    expect(meaning.length).toBeLessThan(160);
  });
});

describe("words that count", () => {
  it("one bag, two bags, a thousand entries, no litres that nobody could measure", () => {
    expect([counted(1, "bag"), counted(2, "bag"), counted(1204, "entry", "entries")]).toEqual([
      "1 bag",
      "2 bags",
      "1,204 entries",
    ]);
    const u = unitsOf(DEFAULT_SETTINGS);
    expect([u.litres(0.02), u.litres(-0.01), u.litres(0.06)]).toEqual(["0 L", "0 L", "0.06 L"]);
  });
  it("what has been is no guess", () => {
    const now = "2026-11-24T12:00:00.000Z";
    expect(aboutDay("2026-11-30T12:00:00.000Z", now)).toBe("about Mon 30 Nov");
    expect(aboutDay("2026-11-20T12:00:00.000Z", now)).toBe("since Fri 20 Nov");
  });
});
