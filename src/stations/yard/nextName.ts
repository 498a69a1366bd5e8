import type { YardView } from "@/core/view";

/** "Drum 6", where there are five: the next number that nothing has, nor ever had. */
export function nextName(view: Pick<YardView, "names">, kind: string, taken: ReadonlySet<string> = new Set()): string {
  const known = new Set([...Object.values(view.names), ...taken]);
  for (let n = 1; ; n++) {
    const name = n === 1 ? kind : `${kind} ${n}`;
    if (!known.has(name)) return name;
  }
}
