"use client";
import type { Settling } from "@/core/readings";
import { useUnits } from "@/desk";
import { Button } from "@/ui";
import type { Units } from "@/ui/words";

interface Props {
  readonly clearNow: NonNullable<Settling["clearNow"]>;
  /** Where the draw would stop as it is planned. */
  readonly chosen: number | null;
  readonly onChoose: () => void;
}

/** The margin at which a draw stops where it is clear now, as one would type it. */
export const partMargin = (s: Settling, units: Units): string =>
  units.length.text(Math.max(0, (s.clearNow?.aboveMm ?? s.drawOffMm) - s.muckTopMm));

const SAME_MM = 2;

/** What may be drawn today, beside the day for all of it. What stays goes on clearing. */
export function PartDraw({ clearNow, chosen, onChoose }: Props) {
  const units = useUnits();
  const isChosen = chosen !== null && Math.abs(chosen - clearNow.aboveMm) < SAME_MM;
  return (
    <div className="mt-2 rounded-md border border-rule bg-card px-3 py-2">
      <p className="text-[15px]">
        <b>{units.litres(clearNow.litres)} are clear now</b>, above {units.mm(clearNow.aboveMm)}. What stays goes on
        clearing, if it is drawn gently off the top.
      </p>
      <Button className="mt-1" wide look={isChosen ? "go" : "plain"} aria-pressed={isChosen} onClick={onChoose}>
        Draw only what is clear now
      </Button>
    </div>
  );
}
