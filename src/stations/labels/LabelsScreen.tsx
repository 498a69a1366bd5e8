"use client";
import { useSearchParams } from "next/navigation";
import { useEffect, useState } from "react";
import type { VesselId } from "@/core/ledger";
import { useHref, usePasts } from "@/desk";
import { useYard } from "@/store";
import { Bench, Button, Choice } from "@/ui";
import { markWords } from "@/ui/words";
import { Label } from "./Label";
import { PAPERS } from "./paper";

/** Labels for containers, on A4 sheets or a small label printer, through the browser's own print. */
export function LabelsScreen() {
  const { view } = useYard();
  const href = useHref();
  const only = useSearchParams().get("vessel");
  const [paperKey, setPaperKey] = useState("a4-8");
  const [left, setLeft] = useState<ReadonlySet<VesselId>>(
    () => new Set(only ? view.vessels.map((v) => v.vessel.id).filter((id) => id !== only) : []),
  );
  // The address that a phone can open is the one this page was opened at.
  const [origin, setOrigin] = useState("");
  useEffect(() => setOrigin(window.location.origin), []);
  const paper = PAPERS.find((p) => p.key === paperKey) ?? PAPERS[0];
  const chosen = view.vessels.filter((v) => !left.has(v.vessel.id));
  const pasts = usePasts(chosen.map((v) => v.vessel.id));
  if (!paper) return null;
  const tick = (id: VesselId, on: boolean): void => {
    const next = new Set(left);
    if (on) next.delete(id);
    else next.add(id);
    setLeft(next);
  };
  const own = origin.includes("127.0.0.1") || origin.includes("localhost");
  return (
    <div className="labels contents">
      <Bench
        title="Labels"
        subtitle="No mystery containers: name, mark, batch and date, and a code that opens it here."
        asideLabel="What to print"
        aside={
          <div className="print:hidden">
            <Button wide look="go" disabled={chosen.length === 0} onClick={() => window.print()}>
              {chosen.length === 1 ? "Print 1 label" : `Print ${chosen.length} labels`}
            </Button>
            {own ? (
              <p className="mt-2 text-[14px] text-ink-2">
                Opened at {origin}, the codes work on this machine only. Open the app by the name your phone knows it
                by, and print then.
              </p>
            ) : null}
            <div className="mt-3">
              <Choice
                label="Paper"
                options={PAPERS.map((p) => ({ value: p.key, name: p.name, detail: p.detail }))}
                value={paperKey}
                onChange={setPaperKey}
              />
            </div>
            <fieldset className="mt-4">
              <legend className="text-[14px] text-ink-2">Containers</legend>
              <div className="flex gap-2">
                <Button onClick={() => setLeft(new Set())}>All</Button>
                <Button onClick={() => setLeft(new Set(view.vessels.map((v) => v.vessel.id)))}>None</Button>
              </div>
              <ul className="mt-1">
                {view.vessels.map((v) => (
                  <li key={v.vessel.id}>
                    <label className="flex min-h-[var(--target)] items-center gap-3 border-t border-rule">
                      <input
                        type="checkbox"
                        className="h-5 w-5 accent-[var(--go)]"
                        checked={!left.has(v.vessel.id)}
                        onChange={(e) => tick(v.vessel.id, e.target.checked)}
                      />
                      <span className="font-plate text-[17px] font-semibold">{v.vessel.name}</span>
                      <span className="ml-auto text-[14px] text-ink-2">{markWords(v)}</span>
                    </label>
                  </li>
                ))}
              </ul>
            </fieldset>
          </div>
        }
      >
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: labels are as wide as printed, so on a phone the box scrolls, by key too */}
        <section aria-label="The sheet" tabIndex={0} className="mt-3 max-w-full overflow-x-auto print:overflow-visible">
          <ul className={`grid w-max ${paper.sheet}`}>
            {origin === ""
              ? null
              : chosen.map((v) => (
                  <Label
                    key={v.vessel.id}
                    vessel={v}
                    lots={pasts?.get(v.vessel.id)?.lots ?? []}
                    paper={paper}
                    address={`${origin}${href(`/container?vessel=${encodeURIComponent(v.vessel.id)}`)}`}
                  />
                ))}
          </ul>
        </section>
        {chosen.length === 0 ? <p>Tick a container to see its label.</p> : null}
      </Bench>
    </div>
  );
}
