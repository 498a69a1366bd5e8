import { fireEvent, render, screen, within } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import type { Balance } from "@/core/ledger";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { Button } from "./Button";
import { Caution } from "./Caution";
import { Choice } from "./fields/Choice";
import { TextField } from "./fields/TextField";
import { LitresBar } from "./LitresBar";
import { Pipe } from "./Pipe";
import { Sheet } from "./Sheet";
import { unitsOf } from "./words";

const units = unitsOf(DEFAULT_SETTINGS);

describe("fields", () => {
  it("a message stands at its field and the typing stays", () => {
    const change = vi.fn();
    const { rerender } = render(
      <TextField label="Litres" value="-3" onChange={change} error="It cannot be less than nothing." decimal />,
    );
    const field = screen.getByLabelText("Litres");
    expect(field.getAttribute("aria-invalid")).toBe("true");
    expect(document.getElementById(field.getAttribute("aria-describedby") ?? "")?.textContent).toBe(
      "It cannot be less than nothing.",
    );
    expect((field as HTMLInputElement).value).toBe("-3");
    fireEvent.change(field, { target: { value: "3" } });
    expect(change).toHaveBeenCalledWith("3");
    rerender(<TextField label="Litres" value="3" onChange={change} hint="at 15 °C" />);
    expect(field.getAttribute("aria-invalid")).toBe("false");
    expect(screen.getByText("at 15 °C")).toBeDefined();
  });
  it("a choice is a group of radios that the arrow keys move through", () => {
    const change = vi.fn();
    render(
      <Choice
        label="Into"
        value="a"
        onChange={change}
        options={[
          { value: "a", name: "Drum 3", detail: "room for 67 L" },
          { value: "b", name: "Drum 5" },
        ]}
      />,
    );
    const group = screen.getByRole("radiogroup", { name: "Into" });
    const [first, second] = within(group).getAllByRole("radio");
    expect(first?.getAttribute("aria-checked")).toBe("true");
    if (first) {
      first.focus();
      fireEvent.keyDown(first, { key: "ArrowDown" });
    }
    expect(change).toHaveBeenCalledWith("b");
    if (second) fireEvent.click(second);
    expect(change).toHaveBeenCalledTimes(2);
  });
  it("a choice of nothing says so", () => {
    render(<Choice label="Bag" value="" onChange={() => undefined} options={[]} />);
    expect(screen.getByText("There is none to choose.")).toBeDefined();
  });
});

describe("litres in, litres out", () => {
  const closed: Balance = {
    in: { opening: 0, collected: 100, bought: 20 },
    out: { burned: 50, disposed: 10, lost: 1, unaccounted: 2 },
    standing: 57,
    convertedLitres: 0,
    convertedGapKg: 0,
    gapLitres: 0,
    closes: true,
  };
  it("names where every litre is", () => {
    render(<LitresBar balance={closed} since="1 Jan 2026" units={units} />);
    expect(screen.getByText("It closes.")).toBeDefined();
    for (const [name, litres] of [
      ["Burned", "50 L"],
      ["In the yard", "57 L"],
      ["Disposed of", "10 L"],
      ["Unaccounted", "2 L"],
    ])
      expect(screen.getByText((_, el) => el?.tagName === "LI" && el.textContent === `${name} ${litres}`)).toBeDefined();
  });
  it("says it in the open when it does not close", () => {
    render(<LitresBar balance={{ ...closed, gapLitres: 3, closes: false }} since="1 Jan 2026" units={units} />);
    expect(screen.getByText("It does not close: 3 L adrift.")).toBeDefined();
  });
});

it("the pipe says each station's litres and what is due, and where one stands", () => {
  render(
    <Pipe
      stops={[
        { key: "settle", name: "Settle", figure: "425", said: "425 litres", due: 2, here: true },
        { key: "books", name: "Books", figure: "=", said: "closes", due: 0, here: false },
      ]}
      link={(s, inside, label) => (
        <a href={`/${s.key}`} aria-label={label} aria-current={s.here ? "page" : undefined}>
          {inside}
        </a>
      )}
    />,
  );
  expect(screen.getByRole("link", { name: "Settle, 425 litres, 2 due" }).getAttribute("aria-current")).toBe("page");
  expect(screen.getByRole("link", { name: "Books, closes" })).toBeDefined();
});

it("a sheet has its title, and Escape and Close leave it", () => {
  const close = vi.fn();
  render(
    <Sheet open title="Pick up" onClose={close}>
      <Button>Log it</Button>
    </Sheet>,
  );
  expect(screen.getByRole("dialog").getAttribute("aria-labelledby")).toBe(
    screen.getByRole("heading", { name: "Pick up" }).id,
  );
  fireEvent.click(screen.getByRole("button", { name: "Close" }));
  fireEvent.keyDown(screen.getByRole("dialog"), { key: "Escape" });
  expect(close).toHaveBeenCalledTimes(2);
});

it("a button does not submit unless it is told to, and a caution says take care", () => {
  render(
    <>
      <Button>Dip</Button>
      <Button type="submit" look="go" wide>
        Log it
      </Button>
      <Caution>Oily rags burn by themselves.</Caution>
    </>,
  );
  expect(screen.getByRole("button", { name: "Dip" }).getAttribute("type")).toBe("button");
  expect(screen.getByRole("button", { name: "Log it" }).getAttribute("type")).toBe("submit");
  expect(screen.getByText(/Take care:/).parentElement?.textContent).toBe("Take care: Oily rags burn by themselves.");
});
