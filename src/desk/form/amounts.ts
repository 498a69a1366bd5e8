import type { MeasuredOrAll } from "@/core/ledger";
import type { YardView } from "@/core/view";
import type { Values } from "./verb";
import { roomIn, safeRoomIn, vesselOf } from "./vesselFields";

/** Litres as they were read, and how warm, where that is known. */
export const amount = (v: Values) => ({
  litres: v.number("litres"),
  ...(v.maybe("celsius") !== undefined && { celsius: v.number("celsius") }),
});

export const amountFields = (
  chips: (view: YardView, v: Values) => number[],
  first: (view: YardView, v: Values) => number | undefined,
) =>
  [
    {
      kind: "litres",
      name: "litres",
      label: "Litres",
      first,
      chips,
      room: (view: YardView, v: Values) => {
        const to = vesselOf(view, v.text("to"));
        return to && roomIn(to);
      },
    } as const,
    { kind: "celsius", name: "celsius", label: "Read at", optional: true } as const,
  ] as const;

/** As much as is there, up to where the other is safely full. */
export function mostThatFits(view: YardView, v: Values): number | undefined {
  const from = vesselOf(view, v.text("from"));
  const to = vesselOf(view, v.text("to"));
  if (!from) return undefined;
  return Math.floor(Math.min(from.litres, to ? safeRoomIn(to) : from.litres) * 10) / 10;
}

/** "All of it" when the amount asked is all there is, to the tenth that is shown. */
export function allOrSome(v: Values, view: YardView): MeasuredOrAll {
  const there = vesselOf(view, v.text("from"))?.litres;
  const all = there !== undefined && Math.abs(there - v.number("litres")) < 0.1 && v.maybe("celsius") === undefined;
  return all ? { all: true } : amount(v);
}
