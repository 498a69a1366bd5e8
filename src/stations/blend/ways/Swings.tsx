"use client";
import type { Tornado, WaysTask } from "@/core/costs";
import { useAsked, useUnits } from "@/desk";
import { useYard } from "@/store";
import { ASSUMPTION_NAMES, WAY_NAMES } from "@/ui/words/ways";
import { waysInputOf } from "./waysInputOf";

const MOST_ROWS = 8;
const MJ = 100;

/** What the choice turns on: each assumption a quarter lower and higher, what swings most first. */
export function Swings({ task }: { task: WaysTask }) {
  const { view } = useYard();
  // Two dozen comparisons: off the page. Where it is refused the table above says so already.
  const asked = useAsked("tornado", waysInputOf(task, view));
  return asked?.ok ? <SwingTable tornado={asked.value} /> : <p role="status">Working out what it turns on.</p>;
}

function SwingTable({ tornado }: { tornado: Tornado }) {
  const units = useUnits();
  const { swings, perMJ, best } = tornado;
  const shown = swings.slice(0, MOST_ROWS);
  const widest = Math.max(...shown.flatMap((s) => [Math.abs(s.lowPerMJ - perMJ), Math.abs(s.highPerMJ - perMJ)]), 1e-9);
  const flips = shown.filter((s) => s.flips);
  return (
    <section aria-labelledby="swings-title" className="mt-4 max-w-[860px]">
      <h2 id="swings-title" className="text-lg">
        What it turns on
      </h2>
      <p className="text-[15px]">
        {flips.length === 0
          ? `${WAY_NAMES[best]} stays cheapest, whichever of these is a quarter lower or higher.`
          : `A quarter off, ${flips.map((s) => ASSUMPTION_NAMES[s.assumption].toLowerCase()).join(" or ")} would turn the choice.`}
      </p>
      <table className="mt-1 w-full border-collapse text-[14px]">
        <caption className="sr-only">Cost of 100 MJ with each assumption a quarter lower and higher</caption>
        <thead className="text-[13px] text-ink-2">
          <tr>
            <th className="text-left font-normal">A quarter lower, higher</th>
            <th className="w-2/5 font-normal">
              <span className="sr-only">Swing</span>
            </th>
            <th className="text-right font-normal">100 MJ</th>
            <th className="text-right font-normal">Cheapest is then</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((s) => (
            <tr key={s.assumption} className="border-t border-rule">
              <th scope="row" className="py-1.5 text-left font-normal">
                {ASSUMPTION_NAMES[s.assumption]}
              </th>
              <td className="px-3">
                <Bar low={(s.lowPerMJ - perMJ) / widest} high={(s.highPerMJ - perMJ) / widest} />
              </td>
              <td className="text-right whitespace-nowrap">
                {units.money(s.lowPerMJ * MJ)} to {units.money(s.highPerMJ * MJ)}
              </td>
              <td className={`text-right ${s.flips ? "font-semibold text-stop" : "text-ink-2"}`}>
                {s.flips
                  ? [
                      ...(s.lowBest === best ? [] : [`lower: ${WAY_NAMES[s.lowBest].toLowerCase()}`]),
                      ...(s.highBest === best ? [] : [`higher: ${WAY_NAMES[s.highBest].toLowerCase()}`]),
                    ].join("; ")
                  : "the same"}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** From the middle to where each end lies, −1 to 1. */
const Bar = ({ low, high }: { low: number; high: number }) => (
  <span aria-hidden="true" className="relative block h-3.5 rounded-sm bg-rule">
    {[low, high].map((end, i) => (
      <span
        key={i === 0 ? "low" : "high"}
        className={`absolute inset-y-0 ${i === 0 ? "bg-quiet" : "bg-go"}`}
        style={{ left: `${50 + Math.min(0, end) * 50}%`, width: `${Math.abs(end) * 50}%` }}
      />
    ))}
    <span className="absolute inset-y-0 left-1/2 w-px bg-ink" />
  </span>
);
