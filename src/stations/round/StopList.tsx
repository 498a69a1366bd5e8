"use client";
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import type { SourceId } from "@/core/ledger";
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
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = stops.map((s) => s.id);
  const drop = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return;
    onOrder(arrayMove(ids, ids.indexOf(active.id as SourceId), ids.indexOf(over.id as SourceId)));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop} id="stops">
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ol>
          {stops.map((s, i) => (
            <StopRow
              key={s.id}
              stop={s}
              number={i + 1}
              last={i === stops.length - 1}
              onMove={(by) => onOrder(arrayMove(ids, i, i + by))}
              onLeaveOut={() => onLeaveOut(s.id)}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

interface RowProps {
  readonly stop: PlannedStop;
  readonly number: number;
  readonly last: boolean;
  readonly onMove: (by: 1 | -1) => void;
  readonly onLeaveOut: () => void;
}

function StopRow({ stop: s, number, last, onMove, onLeaveOut }: RowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: s.id,
  });
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`flex flex-wrap items-center gap-x-2 border-t border-rule py-1 ${isDragging ? "relative z-10 bg-panel shadow-lg" : ""}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${s.name}`}
        className="flex h-[var(--target)] w-8 cursor-grab touch-none items-center justify-center"
      >
        <svg width="14" height="20" aria-hidden="true" className="fill-ink-2">
          {[4, 10, 16].flatMap((y) => [3, 11].map((x) => <circle key={`${x} ${y}`} cx={x} cy={y} r="1.8" />))}
        </svg>
      </button>
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
      <span className="flex gap-1">
        <Button look="plain" disabled={number === 1} onClick={() => onMove(-1)} aria-label={`${s.name} earlier`}>
          ↑
        </Button>
        <Button look="plain" disabled={last} onClick={() => onMove(1)} aria-label={`${s.name} later`}>
          ↓
        </Button>
        <Button look="quiet" onClick={onLeaveOut}>
          Leave out<span className="sr-only"> {s.name}</span>
        </Button>
      </span>
    </li>
  );
}
