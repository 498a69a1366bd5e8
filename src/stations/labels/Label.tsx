"use client";
import { QRCodeSVG } from "qrcode.react";
import type { Lot, VesselView } from "@/core/readings";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { batchWords, fullDay, lotCode, markWords } from "@/ui/words";
import type { Paper } from "./paper";

interface Props {
  readonly vessel: VesselView;
  readonly lots: readonly Lot[];
  readonly paper: Paper;
  readonly address: string;
}

/** One container's label: its name, mark, batch and date, and a code that opens it in the app. Black on white. */
export function Label({ vessel: v, lots, paper, address }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const filled = v.changedAt ?? v.stirredAt ?? view.at;
  const [lot] = lots;
  const holds = v.litres >= 0.05 && lot !== undefined;
  return (
    <li
      aria-label={`Label of ${v.vessel.name}`}
      className={`flex gap-[2mm] overflow-hidden border border-[#93a29e] bg-white p-[2.5mm] text-[#000] print:border-transparent ${paper.label}`}
    >
      <div className="flex min-w-0 flex-1 flex-col">
        <p className={`font-plate leading-none font-semibold ${paper.large ? "text-[9mm]" : "text-[5.5mm]"}`}>
          {v.vessel.name}
        </p>
        <p
          className={`mt-[1mm] w-max max-w-full border-2 border-[#000] px-[1.5mm] font-plate leading-tight font-semibold ${paper.large ? "text-[7mm]" : "text-[4.2mm]"}`}
        >
          {markWords(v)}
        </p>
        {paper.large ? (
          <p className="mt-auto text-[3.6mm] leading-tight">
            {holds
              ? `${units.litres(v.litres)}. ${batchWords(lots)}. Last filled or drawn ${fullDay(filled)}. `
              : "Empty. "}
            Printed {fullDay(view.at)}
          </p>
        ) : (
          <p className="mt-auto text-[2.6mm] leading-tight">
            {holds
              ? `${units.litres(v.litres)}, lot ${lotCode(lot)}${lots.length > 1 ? ` and ${lots.length - 1} more` : ""}`
              : "Empty"}
            <br />
            {holds ? `${fullDay(lot.at)}${lot.source ? `, ${lot.source}` : ""}` : `Printed ${fullDay(view.at)}`}
          </p>
        )}
      </div>
      <QRCodeSVG
        value={address}
        level="M"
        marginSize={2}
        title={`Opens ${v.vessel.name}`}
        className={paper.large ? "h-[34mm] w-[34mm] shrink-0" : "h-[23mm] w-[23mm] shrink-0"}
      />
    </li>
  );
}
