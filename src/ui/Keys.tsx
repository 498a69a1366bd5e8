"use client";
import dynamic from "next/dynamic";

const Sheet = dynamic(() => import("./Sheet").then((m) => m.Sheet), { ssr: false });

/** What the keys do. */
export function Keys({ open, onClose, stations }: { open: boolean; onClose: () => void; stations: readonly string[] }) {
  if (!open) return null;
  const rows: [string, string][] = [
    ["L", "Log what just happened; then a letter for what"],
    ["U", "Undo the last thing you wrote; once more, the one before it"],
    ["⇧U", "Redo what was undone"],
    ["0", "The yard"],
    ...stations.map((name, i): [string, string] => [String(i + 1), name]),
    ["?", "This list"],
    ["Esc", "Close"],
  ];
  return (
    <Sheet open title="Keys" onClose={onClose}>
      <dl className="grid grid-cols-[60px_1fr] gap-y-2">
        {rows.map(([key, what]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="rounded border border-quiet px-2 font-plate">{key}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Sheet>
  );
}
