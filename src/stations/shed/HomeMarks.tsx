"use client";
import { useEffect, useState } from "react";
import { formatNumber } from "@/core/units";
import { YardLink } from "@/desk";
import { useYard } from "@/store";
import { Button, Row } from "@/ui";
import { counted, fullDay } from "@/ui/words";

interface Room {
  readonly usedMb: number;
  readonly quotaMb: number;
  readonly persisted: boolean;
}

const MB = 1_000_000;

async function lookAtRoom(): Promise<Room | null> {
  const { usage = 0, quota = 0 } = (await navigator.storage?.estimate?.()) ?? {};
  const persisted = (await navigator.storage?.persisted?.()) ?? false;
  return quota === 0 ? null : { usedMb: usage / MB, quotaMb: quota / MB, persisted };
}

const megabytes = (mb: number): string =>
  mb < 1000 ? `${formatNumber(mb, 1)} MB` : `${formatNumber(mb / 1000, 1)} GB`;

/** Where this yard lives, how much room it has, and how it is kept. */
export function HomeMarks() {
  const { name, book } = useYard();
  const [origin, setOrigin] = useState("");
  const [room, setRoom] = useState<Room | null>(null);
  const [said, setSaid] = useState("");
  const { entries } = book;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was written took room
  useEffect(() => {
    let gone = false;
    setOrigin(location.origin);
    lookAtRoom()
      .then((found) => !gone && setRoom(found))
      .catch(() => undefined);
    return () => {
      gone = true;
    };
  }, [entries]);
  const ask = async (): Promise<void> => {
    const granted = (await navigator.storage?.persist?.()) ?? false;
    setSaid(granted ? "The browser will keep it." : "The browser did not promise it. Keep copies.");
    setRoom(await lookAtRoom());
  };
  return (
    <section aria-labelledby="home-title" className="my-6 max-w-[720px]">
      <h2 id="home-title" className="text-xl">
        Where this yard lives
      </h2>
      <p className="my-1 text-[14px] text-ink-2">
        In this browser, at this address, and in the copies you carry away. Another browser, profile or address opens
        another yard.
      </p>
      <dl>
        <Row name="Address" value={name === "demo" ? `${origin} (the demo)` : origin} />
        <Row name="Entries" value={String(book.entries)} />
        <Row
          name="Last copied"
          value={
            book.copied ? `${fullDay(book.copied.at)}, ${counted(book.sinceCopy, "entry", "entries")} since` : "never"
          }
        />
        <Row
          name="Second copy beside the database"
          value={book.twice ? "kept" : name === "demo" ? "none: a demo" : "none"}
        />
        {room ? (
          <>
            <Row name="Room used" value={`${megabytes(room.usedMb)} of ${megabytes(room.quotaMb)}`} />
            <Row name="May be cleared when room is short" value={room.persisted ? "no" : "yes"} />
          </>
        ) : null}
      </dl>
      {room && room.usedMb > room.quotaMb * 0.8 ? (
        <p role="alert" className="mt-1 text-stop">
          Little room is left for this yard. Copy it, then free some space on the disk.
        </p>
      ) : null}
      {!book.twice && name === "own" ? (
        <p className="mt-1 text-[14px] text-ink-2">
          This browser has no private files (a private window has none): only copies you carry away are a second copy.
        </p>
      ) : null}
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {room && !room.persisted ? <Button onClick={() => void ask()}>Ask the browser to keep it</Button> : null}
        <YardLink href="/books#copies" className="flex min-h-[var(--target)] items-center underline">
          Copies
        </YardLink>
        <span aria-live="polite">{said}</span>
      </div>
    </section>
  );
}
