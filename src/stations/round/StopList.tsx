"use client";
import type { SourceId } from "@/core/ledger";
import { MoveButtons, SortRow, SortRows } from "@/desk/SortRows";
import { Button } from "@/ui";

export interface PlannedStop {
  readonly id: SourceId;
  readonly name: string;
  /** "13:52", and what is wrong with it. */
  readonly at: string;
  readonly litres: string;
  readonly note: string;
  readonly wrong: string | null;
}

interface Props {
  readonly stops: readonly PlannedStop[];
  readonly onOrder: (ids: SourceId[]) => void;
  readonly onLeaveOut: (id: SourceId) => void;
}

/** The stops in order: drag one by its handle, or move it with its buttons. */
export function StopList({ stops, onOrder, onLeaveOut }: Props) {
  const ids = stops.map((s) => s.id);
  return (
    <SortRows
      name="stops"
      ids={ids}
      onOrder={onOrder}
      row={(id, i) => {
        const s = stops[i];
        return s ? (
          <SortRow key={id} id={id} name={s.name}>
            <StopWords stop={s} number={i + 1} />
            <span className="flex gap-1">
              <MoveButtons name={s.name} ids={ids} at={i} onOrder={onOrder} />
              <Button look="quiet" onClick={() => onLeaveOut(id)}>
                Leave out<span className="sr-only"> {s.name}</span>
              </Button>
            </span>
          </SortRow>
        ) : null;
      }}
    />
  );
}

function StopWords({ stop: s, number }: { readonly stop: PlannedStop; readonly number: number }) {
  return (
    <>
      <span className="font-plate text-[19px] font-semibold">{number}</span>
      <span className="min-w-[130px] flex-1 leading-tight">
        <b className="font-plate text-[18px]">{s.name}</b>
        <br />
        <span className="text-[14px] text-ink-2">
          {s.at}, {s.litres}
          {s.note ? `, ${s.note}` : ""}
        </span>
        {s.wrong ? <span className="block text-[14px] text-stop">{s.wrong}</span> : null}
      </span>
    </>
  );
}
