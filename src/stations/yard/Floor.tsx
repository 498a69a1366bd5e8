"use client";
import {
  DndContext,
  type DragEndEvent,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { FLOORS, roleOf } from "@/core/ledger/roles";
import type { VesselView } from "@/core/readings";
import type { YardView } from "@/core/view";
import { useLog, VesselColumn } from "@/desk";
import { useYard } from "@/store";

const TALLEST_PX = 138;
/** Plate and group name under the floor line: the scale stands on that line. */
const BELOW_FLOOR_PX = 148;

/** Every vessel of the yard to one scale. Dragging one onto another opens the Log on a pour between them. */
export function Floor() {
  const { view } = useYard();
  const log = useLog();
  const tallest = Math.max(...view.vessels.map((v) => v.vessel.rimMm), 600);
  const pxPerMm = TALLEST_PX / tallest;
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
  );
  const poured = ({ active, over }: DragEndEvent): void => {
    if (over && over.id !== active.id) log.open("pour", { from: String(active.id), to: String(over.id) });
  };
  return (
    <DndContext sensors={sensors} onDragEnd={poured} id="floor">
      <div className="flex flex-wrap items-end gap-y-1">
        <ScaleBar pxPerMm={pxPerMm} />
        {groupsOf(view).map((g) => (
          <section key={g.name} aria-label={g.name} className="min-w-0">
            <ul className="flex flex-wrap items-end">
              {g.standing.map((v) => (
                <Draggable key={v.vessel.id} vessel={v} pxPerMm={pxPerMm} />
              ))}
            </ul>
            <p className="mx-1 border-b border-rule pb-1 font-plate text-[15px] text-ink-2">{g.name}</p>
          </section>
        ))}
      </div>
    </DndContext>
  );
}

/** Home first, then what is aboard each van, bus or trailer. */
function groupsOf(view: YardView): { name: string; standing: VesselView[] }[] {
  const home = Object.entries(FLOORS).map(([floor, name]) => ({
    name,
    standing: view.vessels.filter((v) => v.vessel.place === undefined && roleOf(v.vessel.role).floor === floor),
  }));
  const aboard = view.places.map(({ place }) => ({
    name: `Aboard ${place.name}`,
    standing: view.vessels.filter((v) => v.vessel.place === place.id),
  }));
  return [...home, ...aboard].filter((g) => g.standing.length > 0);
}

function Draggable({ vessel, pxPerMm }: { vessel: VesselView; pxPerMm: number }) {
  const drag = useDraggable({ id: vessel.vessel.id, disabled: vessel.litres < 0.05 });
  const drop = useDroppable({ id: vessel.vessel.id });
  const ref = (el: HTMLElement | null): void => {
    drag.setNodeRef(el);
    drop.setNodeRef(el);
  };
  return (
    <VesselColumn
      vessel={vessel}
      pxPerMm={pxPerMm}
      drag={{ ref, listeners: drag.listeners, over: drop.isOver && !drag.isDragging }}
    />
  );
}

function ScaleBar({ pxPerMm }: { pxPerMm: number }) {
  return (
    <svg aria-hidden="true" width="46" height={500 * pxPerMm + BELOW_FLOOR_PX} className="hidden self-end md:block">
      <g transform={`translate(6 ${500 * pxPerMm + 4})`} className="stroke-quiet">
        <path d={`M0 0V${-500 * pxPerMm}`} />
        {[0, 100, 200, 300, 400, 500].map((mm) => (
          <path key={mm} d={`M0 ${-mm * pxPerMm}h${mm % 500 === 0 ? 8 : 4}`} />
        ))}
        <text x="10" y={-500 * pxPerMm + 4} className="fill-ink-2 stroke-none text-[12px]">
          50 cm
        </text>
      </g>
    </svg>
  );
}
