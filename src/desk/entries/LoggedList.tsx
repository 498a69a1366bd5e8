"use client";
import { useEffect, useState } from "react";
import { type Listed, useYard } from "@/store";
import { Button } from "@/ui";
import { EntryRow } from "./EntryRow";

const PAGE = 12;

/** The newest entries that name a thing, each with its ways to be put right. */
export default function LoggedList({ id }: { id: string }) {
  const { client, view } = useYard();
  const [limit, setLimit] = useState(PAGE);
  const [found, setFound] = useState<{ rows: Listed[]; total: number } | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new view means that entries may have changed
  useEffect(() => {
    let gone = false;
    void client.about(id, limit).then((answer) => !gone && setFound(answer));
    return () => {
      gone = true;
    };
  }, [client, id, limit, view]);
  if (!found) return <p className="text-ink-2">Looking it up.</p>;
  return (
    <>
      <ol>
        {found.rows.map((r) => (
          <EntryRow key={r.entry.id} {...r} />
        ))}
      </ol>
      {found.rows.length < found.total ? (
        <Button className="my-2" onClick={() => setLimit((l) => l + PAGE)}>
          Show older ones, {found.total - found.rows.length} more
        </Button>
      ) : null}
    </>
  );
}
