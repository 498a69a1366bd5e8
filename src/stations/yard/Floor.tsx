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
import { useMemo } from "react";
import { FLOORS, roleOf } from "@/core/ledger/roles";
import type { VesselView } from "@/core/readings";
import type { YardView } from "@/core/view";
import { useLog, VesselColumn } from "@/desk";
import { useYard } from "@/store";
import { widestMm } from "@/ui/drawing/outline";
import { columnPx, DENSE, fitFloor, type Group, ROOMY, type Standing } from "./fitFloor";
import { useRoom } from "./useRoom";

/** As far as its room is concerned, and itself. */
interface Placed extends Standing {
  readonly view: VesselView;
}

/** Every vessel of the yard to one scale. Dragging one onto another opens the Log on a pour between them. */
export function Floor() {
  const { view } = useYard();
  const log = useLog();
  const { ref, room } = useRoom();
  const plan = useMemo(() => fitFloor(groupsOf(view), room), [view, room]);
  const widthOf = (g: Pick<Group<Placed>, "standing">): number =>
    g.standing.reduce((sum, v) => sum + columnPx(v, plan.pxPerMm, plan.isDense ? DENSE : ROOMY), 0);
  const next = view.advice.find((a) => a.vessel !== undefined)?.vessel;
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
  );
  const poured = ({ active, over }: DragEndEvent): void => {
    if (over && over.id !== active.id) log.open("pour", { from: String(active.id), to: String(over.id) });
  };
  return (
    <DndContext sensors={sensors} onDragEnd={poured} id="floor">
      <div ref={ref}>
        {plan.rows.map((row, i) => (
          <div key={row[0]?.standing[0]?.id ?? i} className="relative flex items-end">
            {i === 0 ? <ScaleBar pxPerMm={plan.pxPerMm} isDense={plan.isDense} /> : null}
            {row.map((g) => (
              <section
                key={g.name}
                aria-label={g.name}
                className="min-w-0"
                style={{
                  flex: `${widthOf(g)} 1 0`,
                  maxWidth: Math.max(widthOf(g), g.standing.length * MOST_COLUMN_PX),
                }}
              >
                <ul className="flex items-end">
                  {g.standing.map((v) => (
                    <Draggable
                      key={v.id}
                      vessel={v.view}
                      pxPerMm={plan.pxPerMm}
                      isDense={plan.isDense}
                      isNext={v.view.vessel.id === next}
                      share={widthOf({ standing: [v] })}
                    />
                  ))}
                </ul>
                <p className="mx-1 truncate border-b border-rule font-plate text-[14px] text-ink-2">{g.name}</p>
              </section>
            ))}
          </div>
        ))}
      </div>
    </DndContext>
  );
}

/** A few vessels do not stand a yard apart. */
const MOST_COLUMN_PX = 190;

/** Home first, then what is aboard each van, bus or trailer. */
function groupsOf(view: YardView): Group<Placed>[] {
  const placed = (v: VesselView): Placed => ({
    id: v.vessel.id,
    rimMm: v.vessel.rimMm,
    widthMm: v.broken ? 0 : widestMm(v.vessel),
    view: v,
  });
  const home = Object.entries(FLOORS).map(([floor, name]) => ({
    name,
    standing: view.vessels
      .filter((v) => v.vessel.place === undefined && roleOf(v.vessel.role).floor === floor)
      .map(placed),
  }));
  const aboard = view.places.map(({ place }) => ({
    name: `Aboard ${place.name}`,
    standing: view.vessels.filter((v) => v.vessel.place === place.id).map(placed),
  }));
  return [...home, ...aboard].filter((g) => g.standing.length > 0);
}

interface DraggableProps {
  readonly vessel: VesselView;
  readonly pxPerMm: number;
  readonly isDense: boolean;
  readonly isNext: boolean;
  readonly share: number;
}

function Draggable({ vessel, ...drawn }: DraggableProps) {
  const drag = useDraggable({ id: vessel.vessel.id, disabled: vessel.litres < 0.05 });
  const drop = useDroppable({ id: vessel.vessel.id });
  const ref = (el: HTMLElement | null): void => {
    drag.setNodeRef(el);
    drop.setNodeRef(el);
  };
  return (
    <VesselColumn
      vessel={vessel}
      {...drawn}
      drag={{ ref, listeners: drag.listeners, over: drop.isOver && !drag.isDragging }}
    />
  );
}

/** Plate and group's name under the floor line: the scale stands on that line. */
const BELOW_FLOOR_PX = { dense: 122, roomy: 149 } as const;

/** Half a metre, or twenty inches, in five steps or four. */
const SCALES = {
  mm: { words: "50 cm", stepMm: 100, steps: 5 },
  in: { words: "20 in", stepMm: 127, steps: 4 },
} as const;

function ScaleBar({ pxPerMm, isDense }: { pxPerMm: number; isDense: boolean }) {
  const { lengthUnit } = useYard().view.settings;
  const { words, stepMm, steps } = SCALES[lengthUnit];
  const tall = steps * stepMm * pxPerMm;
  return (
    <svg
      aria-hidden="true"
      width="14"
      height={tall + 4}
      className="absolute left-[-14px] hidden overflow-visible md:block"
      style={{ bottom: isDense ? BELOW_FLOOR_PX.dense : BELOW_FLOOR_PX.roomy }}
    >
      <g transform={`translate(1 ${tall + 2})`} className="stroke-quiet">
        <path d={`M0 0V${-tall}`} />
        {Array.from({ length: steps + 1 }, (_, i) => i * stepMm).map((mm) => (
          <path key={mm} d={`M0 ${-mm * pxPerMm}h${mm === steps * stepMm || mm === 0 ? 8 : 4}`} />
        ))}
        <text x="2" y={-tall - 4} className="fill-ink-2 stroke-none text-[12px]">
          {words}
        </text>
      </g>
    </svg>
  );
}
