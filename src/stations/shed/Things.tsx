"use client";
import { useLog, YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, buttonClass } from "@/ui";
import { fullDay, nameOf } from "@/ui/words";

/** What there is to add, change, retire and bring back, whatever it is. */
export function Things() {
  const { view } = useYard();
  const log = useLog();
  return (
    <>
      <h2 className="text-xl">Things in the yard</h2>
      <div className="mt-2 flex flex-col gap-2">
        <YardLink href="/opening" className={buttonClass("plain")}>
          What stands there already
        </YardLink>
        <Button onClick={() => log.open("add-vessel")}>Add a container</Button>
        <Button onClick={() => log.open("change-vessel")}>Change a container</Button>
        <Button onClick={() => log.open("add-source")}>Add a source</Button>
        <Button onClick={() => log.open("add-bag")}>Add a bag</Button>
        <Button onClick={() => log.open("add-vehicle")}>Add a vehicle</Button>
        <Button onClick={() => log.open("retire")}>Retire a thing</Button>
      </div>
      {view.retired.length > 0 ? (
        <details className="mt-2">
          <summary className="min-h-[var(--target)] cursor-pointer content-center">
            Retired: {view.retired.length}
          </summary>
          <ul>
            {view.retired.map((r) => (
              <li key={`${r.kind} ${r.id}`} className="flex items-center justify-between gap-2 border-t border-rule">
                <span>
                  {nameOf(view, r.id)}, {fullDay(r.at)}
                </span>
                <Button look="quiet" onClick={() => log.open("bring-back", { thing: `${r.kind} ${r.id}` })}>
                  Bring back<span className="sr-only"> {nameOf(view, r.id)}</span>
                </Button>
              </li>
            ))}
          </ul>
        </details>
      ) : null}
    </>
  );
}
