"use client";
import { lazy, Suspense } from "react";
import { enteredLitres } from "@/core/ledger/accounts";
import type { YardView } from "@/core/view";
import { useUnits } from "@/desk";
import { useYard } from "@/store";
import { LitresBar } from "@/ui";
import { dayName, fullDay } from "@/ui/words";
import { weatherLine } from "@/ui/words/weather";
import { Floor } from "./Floor";
import { NextUp } from "./NextUp";

/** Met once: it comes by itself, not with every look at the yard. */
const Welcome = lazy(() => import("./Welcome"));

/** Whatever was added first, by whichever way, counts: from then on it is a yard. */
const nothingIn = (view: YardView): boolean =>
  enteredLitres(view.balance) === 0 &&
  [view.vessels, view.sources, view.bags, view.vehicles, view.places].every((things) => things.length === 0);

/** Home: every vessel, what to do next, and where every litre went. */
export function YardScreen() {
  const { view, book, at } = useYard();
  const units = useUnits();
  // What this release cannot read is no empty yard.
  const isEmpty = nothingIn(view) && book.unreadable === 0;
  if (isEmpty)
    return (
      <Suspense>
        <Welcome />
      </Suspense>
    );
  return (
    <>
      <div className="flex flex-1 flex-col-reverse lg:flex-row">
        <section aria-labelledby="yard-title" className="min-w-0 flex-1 px-4 pt-2 md:px-5">
          <div className="flex flex-wrap items-baseline gap-x-4">
            <h1 id="yard-title" className="text-[27px] leading-tight">
              The yard, {dayName(view.at)}
              {at === null ? "" : ` ${new Date(view.at).getFullYear()}`}
            </h1>
            <p className="text-[15px] text-ink-2">
              {weatherLine(view.weather, view.settings.shedCelsius, view.at, units)} All drawn to one scale.
            </p>
          </div>
          <Floor />
        </section>
        <aside
          aria-label="Next up"
          className="relative border-rule bg-panel max-lg:border-b lg:min-h-[320px] lg:w-[334px] lg:border-l"
        >
          {/* As tall as the floor beside it: what is further off is scrolled to by itself. */}
          <div className="px-4 py-3 lg:absolute lg:inset-0 lg:overflow-y-auto">
            <NextUp />
          </div>
        </aside>
      </div>
      <LitresBar balance={view.balance} since={view.firstAt ? fullDay(view.firstAt) : "today"} units={units} />
    </>
  );
}
