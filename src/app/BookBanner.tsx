"use client";
import { type ReactNode, useEffect, useState } from "react";
import { toast } from "sonner";
import { useSaveCopy, YardLink } from "@/desk";
import { useYard } from "@/store";
import type { OpenYard } from "@/store/YardProvider";
import { Button, buttonClass } from "@/ui";
import { counted, fullDay, fullMoment } from "@/ui/words";
import { CAUSE_STEPS, CAUSE_WORDS } from "@/ui/words/causes";
import { clockIsWrong } from "./clockIsWrong";

/** What is wrong with the book itself, while it is: never in silence, and always with a way to carry the yard away. */
export default function BookBanner() {
  const { book, vanished, isRestarting, now } = useYard();
  const [isRead, setRead] = useState(false);
  const [isTightRead, setTightRead] = useState(false);
  const [isHarmRead, setHarmRead] = useState(false);
  const [isMissRead, setMissRead] = useState(false);
  return (
    <>
      {clockIsWrong(now()) ? <ClockBanner /> : null}
      {isRestarting ? (
        <Bar>The yard stopped in the background and is being opened anew. What you see stood before.</Bar>
      ) : null}
      {book.trouble ? <TroubleBanner /> : null}
      {book.isTight && !book.trouble && !isTightRead ? (
        <Bar>
          The disk this yard is kept on is nearly full: less than 16 MB is left. A full disk takes no entries, and a
          browser may throw away what it keeps. Free some space, and keep a copy on another disk. <SaveButton />
          <Button onClick={() => setTightRead(true)}>I have read it</Button>
        </Bar>
      ) : null}
      {book.repair && !isRead ? (
        <Bar>
          The browser had lost {counted(book.repair.putBack, "entry", "entries")} of this yard from its database (a full
          disk does that). They were put back from the second copy: {book.entries} are here
          {vanished && book.entries < vanished.entries ? `, of ${vanished.entries} that were last seen` : ""}.{" "}
          <SaveButton />
          <Button onClick={() => setRead(true)}>I have read it</Button>
        </Bar>
      ) : null}
      {book.isHarmed && !isHarmRead ? (
        <Bar>
          Part of what this disk keeps of the yard no longer read as it was written. It was made anew from what did, and
          the damaged file is kept beside it. A disk that does this once does it again: save a copy elsewhere.{" "}
          <SaveButton />
          <Button onClick={() => setHarmRead(true)}>I have read it</Button>
        </Bar>
      ) : null}
      {vanished && book.entries > 0 && book.entries < vanished.entries && !isMissRead ? (
        <Bar>
          This browser had {counted(vanished.entries, "entry", "entries")} here on {fullDay(vanished.at)}, and now it
          has {book.entries}: {counted(vanished.entries - book.entries, "is", "are")} missing. Look in your last copy,
          in the{" "}
          <YardLink href="/books" className="underline">
            books
          </YardLink>
          . <Button onClick={() => setMissRead(true)}>I have read it</Button>
        </Bar>
      ) : null}
      {vanished && book.entries === 0 ? (
        <Bar>
          This browser had {counted(vanished.entries, "entry", "entries")} here on {fullDay(vanished.at)}, and now it
          has none: both copies on this disk are gone. Was its data cleared, or is this another profile? Restore your
          last copy from the{" "}
          <YardLink href="/books" className="underline">
            books
          </YardLink>
          .
        </Bar>
      ) : null}
      {book.unreadable > 0 && book.trouble?.code !== "newer" ? (
        <Bar>
          {counted(book.unreadable, "stored entry", "stored entries")} cannot be read by this release, and are kept as
          they are and left out of every figure.
        </Bar>
      ) : null}
    </>
  );
}

/** How often a tab that cannot write tries by itself whether it can again. */
const AGAIN_MS = 6000;

function TroubleBanner() {
  const { book, client, refresh, view } = useYard();
  const [said, setSaid] = useState<string | null>(null);
  const trouble = book.trouble?.code === "stuck" ? book.trouble : null;
  useAgainByItself(trouble !== null, client, refresh);
  useAskBeforeLeaving(trouble !== null);
  if (book.trouble?.code === "newer")
    return (
      <Bar>
        A newer release has written this yard. This one shows what it can read and writes nothing. Update, or carry it
        away: <SaveButton />
      </Bar>
    );
  const again = async (): Promise<void> => {
    const done = await client.recover();
    setSaid(done.ok ? null : (await errorWords()).wordError(done.error, view));
    if (done.ok) toast(`It takes entries again: both copies were made anew, all ${done.value.entries} are here.`);
    await refresh();
  };
  return (
    <Bar>
      {trouble ? `${CAUSE_WORDS[trouble.cause]} (${trouble.reason}). ` : ""}All {book.entries} entries are still here in
      this tab, but nothing can be logged. Save a copy to another disk now. {trouble ? CAUSE_STEPS[trouble.cause] : ""}{" "}
      <SaveButton />
      <Button onClick={() => void again()}>Try again</Button>
      {said ? <span className="w-full">{said}</span> : null}
    </Bar>
  );
}

/** This tab still holds the whole yard: as soon as the disk takes it, both copies are made anew from that. */
function useAgainByItself(isStuck: boolean, client: OpenYard["client"], refresh: OpenYard["refresh"]): void {
  useEffect(() => {
    if (!isStuck) return;
    let isTrying = false;
    const every = setInterval(async () => {
      if (isTrying) return;
      isTrying = true;
      const done = await client.recover().catch(() => null);
      isTrying = false;
      if (!done?.ok) return;
      toast(`It takes entries again: both copies were made anew, all ${done.value.entries} are here.`);
      await refresh();
    }, AGAIN_MS);
    return () => clearInterval(every);
  }, [isStuck, client, refresh]);
}

/** With the tab goes the only whole copy. */
function useAskBeforeLeaving(isStuck: boolean): void {
  useEffect(() => {
    if (!isStuck) return;
    const ask = (e: BeforeUnloadEvent): void => e.preventDefault();
    addEventListener("beforeunload", ask);
    return () => removeEventListener("beforeunload", ask);
  }, [isStuck]);
}

/** Fetched when something went wrong: no page needs them to open. */
const errorWords = () => import("@/ui/words/errors");

function ClockBanner() {
  const { book, client, write, view } = useYard();
  const [said, setSaid] = useState<string | null>(null);
  const clock = new Date(Date.now()).toISOString();
  if (book.latestAt === null) return null;
  const dateToNow = async (): Promise<void> => {
    const written = await write(await client.datedToNow(new Date(Date.now()).toISOString()));
    setSaid(written.ok ? null : (await errorWords()).wordError(written.error, view));
  };
  return (
    <Bar>
      This device says it is {fullDay(clock)}, but the newest entry is from {fullMoment(book.latestAt)}. One of the two
      is wrong. The yard is shown with all its entries, as of the newest; what you log now counts after it. Set the
      clock right, or, if it is right:
      <Button onClick={() => void dateToNow()}>Date the later entries to now</Button>
      {said ? <span className="w-full">{said}</span> : null}
    </Bar>
  );
}

function SaveButton() {
  const save = useSaveCopy();
  return (
    <button type="button" className={buttonClass("go")} onClick={() => void save()}>
      Save a copy now
    </button>
  );
}

const Bar = ({ children }: { children: ReactNode }) => (
  <div role="alert" className="flex flex-wrap items-center gap-x-3 gap-y-1 bg-warn-floor px-5 py-2 print:hidden">
    <p className="flex max-w-[100ch] flex-wrap items-center gap-x-2 gap-y-1">{children}</p>
  </div>
);
