import { fireEvent, render, screen } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { AreaField, MomentField, readMoment, SelectField, TextField } from "..";

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

describe("a day and a time", () => {
  it("half typed and sent by Enter is no whole time yet, and never goes for now", () => {
    const onChange = vi.fn();
    render(<MomentField label="When" value="" onChange={onChange} />);
    const field = screen.getByLabelText("When");
    // What a browser says of a date of which a part is missing: no value, and bad input.
    Object.defineProperty(field, "validity", { value: { badInput: true }, configurable: true });
    fireEvent.keyDown(field, { key: "Enter" });
    expect(onChange).toHaveBeenCalledTimes(1);
    expect(readMoment(onChange.mock.calls[0]?.[0] as string)).toEqual({
      ok: false,
      wrong: "That is no whole day and time yet.",
    });
    Object.defineProperty(field, "validity", { value: { badInput: false } });
    fireEvent.keyDown(field, { key: "Enter" });
    expect(onChange).toHaveBeenCalledTimes(1);
  });
});
