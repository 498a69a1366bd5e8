"use client";
import { type ReactNode, useEffect, useState } from "react";
import { Button, saveFile } from "@/ui";

/** The one address a yard has: a browser keeps another yard for every name it reaches this machine by. */
const HOME = "127.0.0.1";
const ALSO_CALLED = new Set(["localhost", "[::1]"]);

const homeUrl = (): string => {
  const url = new URL(location.href);
  url.hostname = HOME;
  return url.href;
};

/**
 * Leads every other name of this machine to the one the yard lives at. A yard that was begun under another name, before
 * there was only one, is not left behind: it can be carried over.
 */
export function OneAddress({ children }: { children: ReactNode }) {
  const [left, setLeft] = useState<{ entries: number; text: string } | null>(null);
  const [isElsewhere, setElsewhere] = useState(false);
  useEffect(() => {
    if (!ALSO_CALLED.has(location.hostname)) return;
    setElsewhere(true);
    const look = async (): Promise<void> => {
      const { rescueFile } = await import("@/store/rescue");
      const text = await rescueFile("own", new Date(Date.now()).toISOString()).catch(() => null);
      if (text === null) location.replace(homeUrl());
      else setLeft({ text, entries: (JSON.parse(text) as { count: number }).count });
    };
    void look();
  }, []);
  if (!isElsewhere) return children;
  if (!left) return <p className="p-5">Going to {HOME}, where the yard lives.</p>;
  return (
    <main className="max-w-[70ch] p-6">
      <h1 className="text-2xl">This yard has moved</h1>
      <p className="my-2">
        {left.entries === 1 ? "There is 1 entry" : `There are ${left.entries} entries`} in this browser under the name{" "}
        {location.hostname}. The yard lives at {HOME} now, and a browser keeps the two apart. Save what is here as a
        file, go there, and restore the file in the books.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button look="go" onClick={() => saveFile(`yard-at-${location.hostname}.json`, "application/json", left.text)}>
          Save it as a file
        </Button>
        <Button onClick={() => location.assign(homeUrl())}>Go to {HOME}</Button>
      </div>
    </main>
  );
}
