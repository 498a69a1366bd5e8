import { fireEvent, render, screen } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { AreaField, SelectField, TextField } from "..";

describe.each([
  [
    "a line",
    (error?: string) => <TextField label="Litres" value="5" onChange={() => undefined} error={error} hint="at 15 °C" />,
  ],
  [
    "a list as data",
    (error?: string) => <AreaField label="Litres" value="5" onChange={() => undefined} error={error} hint="at 15 °C" />,
  ],
  [
    "one of many",
    (error?: string) => (
      <SelectField
        label="Litres"
        value="5"
        options={[{ value: "5", name: "five" }]}
        onChange={() => undefined}
        error={error}
        hint="at 15 °C"
      />
    ),
  ],
] as const)("%s", (_, field) => {
  const described = (): string =>
    document.getElementById(screen.getByLabelText("Litres").getAttribute("aria-describedby") ?? "")?.textContent ?? "";
  it("belongs to its label and its hint, and to what is wrong in the hint's place", () => {
    const { rerender } = render(field());
    expect(described()).toBe("at 15 °C");
    expect(screen.getByLabelText("Litres").getAttribute("aria-invalid")).toBe("false");
    rerender(field("Type a number."));
    expect(described()).toBe("Type a number.");
    expect(screen.getByLabelText("Litres").getAttribute("aria-invalid")).toBe("true");
    expect(screen.queryByText("at 15 °C")).toBeNull();
  });
});

it("gives what was typed or picked, untouched", () => {
  const seen = vi.fn();
  render(
    <>
      <TextField label="Line" value="" onChange={seen} />
      <AreaField label="Lines" value={"a\nb\nc"} onChange={seen} />
      <SelectField
        label="Pick"
        value="a"
        options={[
          { value: "a", name: "A" },
          { value: "b", name: "B" },
        ]}
        onChange={seen}
      />
    </>,
  );
  fireEvent.change(screen.getByLabelText("Line"), { target: { value: " 5 gal " } });
  fireEvent.change(screen.getByLabelText("Lines"), { target: { value: "[1," } });
  fireEvent.change(screen.getByLabelText("Pick"), { target: { value: "b" } });
  expect(seen.mock.calls.map(([text]) => text)).toEqual([" 5 gal ", "[1,", "b"]);
  expect((screen.getByLabelText("Lines") as HTMLTextAreaElement).rows).toBe(3);
});
