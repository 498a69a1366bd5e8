import { calibrateCup } from "@/core/fluids";
import { Refused } from "@/core/numerics";
import { formatFigure, formatNumber } from "@/core/units";
import { Row } from "@/ui";

/** The can's own equation, as it is. */
export function CupFigures({ readings }: { readings: readonly (readonly [number, number])[] }) {
  if (readings.length < 2) return null;
  try {
    const fit = calibrateCup(readings);
    return (
      <dl className="max-w-[420px]">
        <Row name="Thickness in mm²/s" value={`${formatFigure(fit.slope)}·t − ${formatFigure(fit.offset)}/t`} />
        <Row
          name="Good between"
          value={`${formatNumber(fit.shortestSeconds, 0)} and ${formatNumber(fit.longestSeconds, 0)} s`}
        />
      </dl>
    );
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    return <p className="text-stop">These times are too alike: use fluids that differ more.</p>;
  }
}
