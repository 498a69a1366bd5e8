"use client";
import { useEffect, useState } from "react";
import { type Listed, useYard } from "@/store";

const PAGE = 60;

/** The newest entries, as many as asked for, kept in step with the yard. */
export function useEntries(): { rows: readonly Listed[]; total: number; more: () => void } {
  const { client, view } = useYard();
  const [limit, setLimit] = useState(PAGE);
  const [page, setPage] = useState<{ rows: Listed[]; total: number }>({ rows: [], total: 0 });
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new view means that entries may have changed
  useEffect(() => {
    let gone = false;
    void client.list(0, limit).then((found) => !gone && setPage(found));
    return () => {
      gone = true;
    };
  }, [client, limit, view]);
  return { ...page, more: () => setLimit((l) => l + PAGE) };
}
