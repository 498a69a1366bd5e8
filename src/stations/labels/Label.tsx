"use client";
import { QRCodeSVG } from "qrcode.react";
import type { VesselView } from "@/core/advice";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { batchWords, fullDay, markWords } from "@/ui/words";
import type { Paper } from "./paper";

interface Props {
  readonly vessel: VesselView;
  readonly paper: Paper;
  readonly address: string;
}

/** One container's label: its name, mark, batch and date, and a code that opens it in the app. Black on white. */
export function Label({ vessel: v, paper, address }: Props) {
  const { view } = useYard();
  const units = useUnits();
  const filled = v.changedAt ?? v.stirredAt;
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
        <p className={`mt-auto leading-tight ${paper.large ? "text-[3.6mm]" : "text-[2.6mm]"}`}>
          {v.litres < 0.05 ? "Empty" : `${units.litres(v.litres)}. ${batchWords(v)}`}
        </p>
        <p className={`leading-tight ${paper.large ? "text-[3.6mm]" : "text-[2.6mm]"}`}>
          {filled && v.litres >= 0.05 ? `Last filled or drawn ${fullDay(filled)}. ` : ""}Printed {fullDay(view.at)}
        </p>
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
