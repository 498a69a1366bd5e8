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
import type { ReactNode } from "react";
import { Button } from "@/ui";

/** Apart from the desk's door: dragging is heavy, and only a page that sorts shall load it. */

interface ListProps<Id extends string> {
  readonly name: string;
  readonly ids: readonly Id[];
  readonly onOrder: (ids: Id[]) => void;
  readonly row: (id: Id, at: number) => ReactNode;
}

/** Rows in an order of one's own: dragged by their handles with a thumb, a mouse or the keys, or moved by their buttons. */
export function SortRows<Id extends string>({ name, ids, onOrder, row }: ListProps<Id>) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return;
    onOrder(arrayMove([...ids], ids.indexOf(active.id as Id), ids.indexOf(over.id as Id)));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop} id={name}>
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        <ol>{ids.map(row)}</ol>
      </SortableContext>
    </DndContext>
  );
}

interface RowProps {
  readonly id: string;
  readonly name: string;
  readonly children: ReactNode;
}

/** One row, with its handle before what it says. */
export function SortRow({ id, name, children }: RowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id,
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
        aria-label={`Move ${name}`}
        className="flex h-[var(--target)] w-8 cursor-grab touch-none items-center justify-center"
      >
        <svg width="14" height="20" aria-hidden="true" className="fill-ink-2">
          {[4, 10, 16].flatMap((y) => [3, 11].map((x) => <circle key={`${x} ${y}`} cx={x} cy={y} r="1.8" />))}
        </svg>
      </button>
      {children}
    </li>
  );
}

interface MoveProps<Id extends string> {
  readonly name: string;
  readonly ids: readonly Id[];
  readonly at: number;
  readonly onOrder: (ids: Id[]) => void;
}

/** One place earlier or later, for whoever does not drag. */
export function MoveButtons<Id extends string>({ name, ids, at, onOrder }: MoveProps<Id>) {
  const move = (by: 1 | -1): void => onOrder(arrayMove([...ids], at, at + by));
  return (
    <>
      <Button disabled={at === 0} onClick={() => move(-1)} aria-label={`${name} earlier`}>
        ↑
      </Button>
      <Button disabled={at === ids.length - 1} onClick={() => move(1)} aria-label={`${name} later`}>
        ↓
      </Button>
    </>
  );
}
