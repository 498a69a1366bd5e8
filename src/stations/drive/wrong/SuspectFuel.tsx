"use client";
import { useEffect, useState } from "react";
import { tanksOf, type Vehicle, type VesselId } from "@/core/ledger";
import type { SuspectLot } from "@/core/readings/drive/suspectFuel";
import { useUnits, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { fullDay, nameOf, percentWords } from "@/ui/words";

/** From a tank back to the lots and sources in it, and to every other vessel that got of them. */
export function SuspectFuel({ vehicle }: { vehicle: Vehicle }) {
  const { client, view, at } = useYard();
  const units = useUnits();
  const [tank, setTank] = useState<VesselId | null>(null);
  const [lots, setLots] = useState<readonly SuspectLot[] | null>(null);
  useEffect(() => {
    if (tank === null) return;
    let gone = false;
    void client.suspectLots(tank, view.at, at).then((found) => {
      if (!gone) setLots(found);
    });
    return () => {
      gone = true;
    };
  }, [client, tank, view, at]);
  return (
    <section aria-labelledby="suspect-title" className="mt-4 max-w-[680px]">
      <h2 id="suspect-title" className="text-xl">
        Is it the fuel?
      </h2>
      <p className="text-[15px] text-ink-2">What is in a tank, whose it was, and where else the same stands.</p>
      <div className="mt-1 flex flex-wrap gap-2">
        {tanksOf(vehicle).map((id) => (
          <Button key={id} look={id === tank ? "go" : "plain"} aria-pressed={id === tank} onClick={() => setTank(id)}>
            {nameOf(view, id)}
          </Button>
        ))}
      </div>
      {tank !== null && lots !== null ? (
        lots.length === 0 ? (
          <p className="mt-2">There is nothing in it.</p>
        ) : (
          <ul className="mt-2">
            {lots.map((l) => (
              <li key={l.origin} className="border-t border-rule py-1.5 text-[15px]">
                <b className="font-plate text-[17px]">{l.source ?? "Bought, or found"}</b>, {fullDay(l.at)}:{" "}
                {percentWords(l.share)} of it.
                {l.elsewhere.length > 0 ? (
                  <span className="block">
                    Also in{" "}
                    {l.elsewhere.map((e, i) => (
                      <span key={e.vessel}>
                        {i > 0 ? ", " : ""}
                        <YardLink className="underline" href={`/container?vessel=${e.vessel}`}>
                          {e.name}
                        </YardLink>{" "}
                        ({units.litres(e.litres)})
                      </span>
                    ))}
                    .
                  </span>
                ) : (
                  <span className="block text-ink-2">Nowhere else any more.</span>
                )}
              </li>
            ))}
          </ul>
        )
      ) : null}
    </section>
  );
}
