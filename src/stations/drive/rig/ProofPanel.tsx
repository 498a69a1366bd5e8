"use client";
import { useMemo } from "react";
import { type ProofRow, proofOf, type Rig } from "@/core/driving/rig";
import { useUnits } from "@/desk";
import { MODE_WORDS } from "../driver/words";
import { findingWords, partName, standsAt, VERDICT_WORDS } from "./faultWords";

/** Every combination of power, positions and one stuck valve: what it does to the diesel tank, worst first in words. */
export function ProofPanel({ rig, burn }: { rig: Rig; burn: number }) {
  const units = useUnits();
  const { rows, findings } = useMemo(() => proofOf(rig, burn), [rig, burn]);
  const bad = findings.filter((f) => findingWords(f, rig).isBad);
  const other = findings.filter((f) => !findingWords(f, rig).isBad);
  const fine = rows.filter((r) => r.verdict === "safe").length;
  return (
    <div className="mt-3 max-w-[980px]">
      {bad.length === 0 ? (
        <p className="rounded-md border-2 border-go bg-card px-3 py-2">
          {rig.controls.length === 0
            ? "Nothing here turns: there is no wrong side to be on."
            : `Each position does what it is called${other.some((f) => f.code === "rests-on-oil") ? "." : ", and without power it rests on diesel."}`}
        </p>
      ) : (
        <div role="status" className="rounded-md border-2 border-stop bg-card px-3 py-2">
          <p className="font-semibold text-stop">Before it is fitted:</p>
          <Findings of={bad} rig={rig} />
        </div>
      )}
      {other.length > 0 ? (
        <div className="mt-2">
          <h3 className="text-[17px]">To know</h3>
          <Findings of={other} rig={rig} />
        </div>
      ) : null}
      <details className="mt-2">
        <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
          All {rows.length} combinations: {fine} safe
        </summary>
        <div className="overflow-x-auto">
          <table className="w-full text-left text-[14px]">
            <thead>
              <tr className="border-b border-rule">
                {["Power", "Positions", "Stuck", "At the pump", "Return", "Diesel tank"].map((h) => (
                  <th key={h} scope="col" className="py-1 pr-3 font-semibold">
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((r) => (
                <tr key={JSON.stringify([r.power, r.at, r.stuck])} className="border-b border-rule align-top">
                  <td className="py-1 pr-3">{r.power ? "On" : "Off"}</td>
                  <td className="py-1 pr-3">{standsAt(rig, r.at)}</td>
                  <td className="py-1 pr-3">
                    {r.stuck ? `${partName(rig, r.stuck.part)}, ${r.stuck.turned ? "turned" : "at rest"}` : ""}
                  </td>
                  <td className="py-1 pr-3">{r.mode === "wrong" ? fedBy(r, rig) : MODE_WORDS[r.mode]}</td>
                  <td className="py-1 pr-3">{returnsTo(r, rig)}</td>
                  <td className={`py-1 ${r.verdict === "safe" ? "" : "font-semibold text-stop"}`}>
                    {VERDICT_WORDS[r.verdict]}
                    {r.fouls > 0 ? `, ${units.litres(r.fouls)} a minute` : ""}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </details>
    </div>
  );
}

const Findings = ({ of, rig }: { of: Parameters<typeof findingWords>[0][]; rig: Rig }) => (
  <ul className="list-disc pl-5 text-[15px]">
    {of.map((f) => (
      <li key={JSON.stringify(f)}>{findingWords(f, rig).text}</li>
    ))}
  </ul>
);

const fedBy = (r: ProofRow, rig: Rig): string =>
  Object.keys(r.outcome.reaches)
    .map((tank) => partName(rig, tank))
    .join(" and ") || "nothing";

const returnsTo = (r: ProofRow, rig: Rig): string => {
  const tanks = Object.entries(r.outcome.returns).flatMap(([tank, rate]) => (rate > 0 ? [partName(rig, tank)] : []));
  return [...tanks, ...(r.outcome.loops > 0 ? ["loop"] : [])].join(" and ") || "nowhere";
};
