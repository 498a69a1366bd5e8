import { fireEvent, render, screen } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { FateBar, FillingDrum, SchematicMap } from "..";

describe("a filling drum", () => {
  it("has its mean and its band to scale, and words that say the same", () => {
    const { container } = render(
      <FillingDrum holdsLitres={100} mean={50} low={25} high={75} height={106} label="half" />,
    );
    const rects = [...container.querySelectorAll("rect")].map((r) => [r.getAttribute("y"), r.getAttribute("height")]);
    expect(rects[1]).toEqual(["53", "50"]);
    expect(rects[2]).toEqual(["28", "50"]);
    expect(screen.getByRole("img", { name: "half" })).toBeTruthy();
  });
  it("is never drawn over its rim", () => {
    const { container } = render(
      <FillingDrum holdsLitres={10} mean={40} low={12} high={90} height={86} label="over" />,
    );
    for (const rect of container.querySelectorAll("rect")) {
      const y = Number(rect.getAttribute("y"));
      expect(y).toBeGreaterThanOrEqual(3);
      expect(y + Number(rect.getAttribute("height"))).toBeLessThanOrEqual(83);
    }
  });
});

it("what oil became fills the bar", () => {
  const { container } = render(<FateBar usableShare={0.7} sludgeShare={0.2} fatShare={0.1} label="shares" />);
  const widths = [...container.querySelectorAll("g")].map((g) =>
    Number(g.querySelector("rect")?.getAttribute("width")),
  );
  expect(widths.reduce((sum, w) => sum + w, 0)).toBeCloseTo(100, 9);
});

describe("the schematic map", () => {
  const points = [
    { key: "a", name: "Beacon", eastKm: 4, northKm: 3, number: 1 },
    { key: "b", name: "Slip", eastKm: 0.1, northKm: 0, number: null },
  ];
  const map = (onPick?: (spot: { eastKm: number; northKm: number }) => void) =>
    render(
      <SchematicMap
        homeName="Yard"
        points={points}
        route={[
          { eastKm: 0, northKm: 0 },
          { eastKm: 4, northKm: 3 },
        ]}
        label="map"
        kilometres={(km) => `${km} km`}
        {...(onPick && { onPick })}
      />,
    );
  it("has east to the right, north up, and no name on another", () => {
    const { container } = map();
    const at = [...container.querySelectorAll("g[transform]")].map((g) =>
      (g.getAttribute("transform") ?? "").match(/-?[\d.]+/g)?.map(Number),
    );
    expect(at[0]?.[0]).toBeGreaterThan(at[1]?.[0] ?? Infinity);
    expect(at[0]?.[1]).toBeLessThan(at[1]?.[1] ?? -Infinity);
    const [yard, slip] = ["Yard", "Slip"].map((name) => Number(screen.getByText(name).getAttribute("y")));
    expect(Math.abs((yard ?? 0) - (slip ?? 0))).toBeGreaterThanOrEqual(15);
  });
  it("keeps names apart where sources crowd round home", () => {
    const crowd = ["Ropewalk", "The slip", "Canteen", "Boathouse"].map((name, i) => ({
      key: name,
      name,
      eastKm: i / 50,
      northKm: i / 60,
      number: null,
    }));
    render(<SchematicMap homeName="Yard" points={crowd} route={[]} label="crowd" kilometres={(km) => `${km} km`} />);
    const rows = ["Yard", ...crowd.map((p) => p.name)].map((name) => Number(screen.getByText(name).getAttribute("y")));
    const gaps = rows.flatMap((a, i) => rows.slice(i + 1).map((b) => Math.abs(a - b)));
    expect(Math.min(...gaps)).toBeGreaterThanOrEqual(14);
  });
  it("gives the spot that is pressed in kilometres from home", () => {
    const picked = vi.fn();
    const { container } = map(picked);
    const svg = container.querySelector("svg");
    if (!svg) throw new Error("no map");
    // jsdom draws nothing: the page's pixels are taken as the drawing's own.
    Object.assign(svg, { getScreenCTM: () => ({ inverse: () => "same" }) });
    vi.stubGlobal(
      "DOMPoint",
      class {
        constructor(
          readonly x: number,
          readonly y: number,
        ) {}
        matrixTransform() {
          return this;
        }
      },
    );
    const [x = 0, y = 0] = (container.querySelector("g[transform]")?.getAttribute("transform") ?? "")
      .match(/-?[\d.]+/g)
      ?.map(Number) ?? [0, 0];
    fireEvent.click(svg, { clientX: x, clientY: y });
    vi.unstubAllGlobals();
    const spot = picked.mock.calls[0]?.[0];
    expect(spot.eastKm).toBeCloseTo(4, 6);
    expect(spot.northKm).toBeCloseTo(3, 6);
  });
});
