"use client";
import type { Draft } from "@/core/ledger";
import { asBagId } from "@/core/ledger/named";
import type { LineView } from "@/core/readings";
import { useNote } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";

/** Steps two to five times finer each: by gravity from a tub, and down to what a modern pump likes. */
const USUAL: readonly { readonly name: string; readonly ratingsUm: readonly number[] }[] = [
  { name: "Kitchen strainer to 5 µm", ratingsUm: [850, 200, 50, 5] },
  { name: "Down to 1 µm", ratingsUm: [400, 100, 25, 5, 1] },
];
const AREA_M2 = 0.25;
const STRAINER_FROM_UM = 300;

/** The usual cascades to start from: each hangs all of its bags in one act, to be changed to what one really has. */
export function UsualLines({ line }: { line: LineView }) {
  const { newId } = useYard();
  const note = useNote();
  const hang = ({ name, ratingsUm }: (typeof USUAL)[number]): void => {
    const bags = ratingsUm.map((ratingUm) => ({
      kind: "bag" as const,
      data: {
        id: asBagId(newId()),
        name: `${ratingUm} µm`,
        ratingUm,
        areaM2: AREA_M2,
        ...(ratingUm >= STRAINER_FROM_UM && { form: "strainer" as const }),
      },
    }));
    const drafts: Draft[] = [...bags, { kind: "line", data: { ...line.line, elements: bags.map((b) => b.data.id) } }];
    note(drafts, `${name} hangs. Change each to what you really have.`);
  };
  return (
    <div className="mt-3">
      <h3 className="text-[16px]">Or begin with a usual line</h3>
      <div className="mt-1 flex flex-wrap gap-2">
        {USUAL.map((u) => (
          <Button key={u.name} onClick={() => hang(u)}>
            {u.name}: {u.ratingsUm.join(", ")} µm
          </Button>
        ))}
      </div>
    </div>
  );
}
