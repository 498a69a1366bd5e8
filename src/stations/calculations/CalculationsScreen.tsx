"use client";
import { useSearchParams } from "next/navigation";
import { useState } from "react";
import { type Description, ROOMS } from "@/core/calculations";
import { YardLink } from "@/desk";
import { TextField } from "@/ui";
import { ROOM_NAMES } from "@/ui/words";
import { Worked } from "./Worked";

/** Every calculation of the house, to read, to try and to ask from elsewhere. */
export function CalculationsScreen({ calculations }: { calculations: readonly Description[] }) {
  const asked = useSearchParams().get("name");
  const chosen = calculations.find((c) => c.name === asked) ?? calculations.find((c) => c.name === "thinner");
  const [find, setFind] = useState("");
  if (!chosen) return null;
  const sought = find.trim().toLowerCase();
  const found = calculations.filter((c) => `${c.name} ${c.title} ${ROOM_NAMES[c.room]}`.toLowerCase().includes(sought));
  const list = (
    <nav aria-label="Calculations" className="mb-3 min-w-0">
      <details className="md:hidden">
        <summary className="min-h-[var(--target)] cursor-pointer content-center font-plate text-[17px] font-semibold">
          All {calculations.length} calculations
        </summary>
        <List found={found} chosen={chosen} find={find} onFind={setFind} />
      </details>
      <div className="hidden md:block">
        <List found={found} chosen={chosen} find={find} onFind={setFind} />
      </div>
    </nav>
  );
  return <Worked key={chosen.name} calculation={chosen} list={list} />;
}

interface ListProps {
  readonly found: readonly Description[];
  readonly chosen: Description;
  readonly find: string;
  readonly onFind: (text: string) => void;
}

function List({ found, chosen, find, onFind }: ListProps) {
  return (
    <>
      <TextField label="Find" value={find} onChange={onFind} />
      {found.length === 0 ? <p className="mt-2 text-ink-2">None has that in its name.</p> : null}
      {ROOMS.filter((room) => found.some((c) => c.room === room)).map((room) => (
        <section key={room} aria-label={ROOM_NAMES[room]}>
          <h2 className="mt-3 text-[16px] text-ink-2">{ROOM_NAMES[room]}</h2>
          <ul>
            {found
              .filter((c) => c.room === room)
              .map((c) => (
                <li key={c.name}>
                  <YardLink
                    href={`/calculations?name=${c.name}`}
                    here={c.name === chosen.name}
                    className={`block min-h-[var(--target)] content-center rounded px-2 py-1 leading-tight md:min-h-[32px] ${c.name === chosen.name ? "bg-card font-semibold shadow-[inset_3px_0_0_var(--go)]" : ""}`}
                  >
                    {c.title}
                  </YardLink>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </>
  );
}
