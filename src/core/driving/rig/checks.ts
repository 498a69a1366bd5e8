import { standsOf } from "./modes";
import { PART_KINDS, portOf, type Rig } from "./parts";

/** What is wrong with a list of parts, before anything is fitted. Ids are the rig's own. */
export type RigFault =
  | { readonly code: "same-id"; readonly id: string }
  | { readonly code: "no-pump" | "two-pumps" | "no-tank" }
  | { readonly code: "unknown-port"; readonly hose: string; readonly port: string }
  | { readonly code: "two-on-a-port"; readonly port: string }
  | { readonly code: "open-port"; readonly part: string; readonly port: string }
  | { readonly code: "no-control"; readonly part: string }
  | { readonly code: "no-way-in" | "no-way-back"; readonly holds: "diesel" | "oil" };

/** Everything wrong with a rig; empty where it can run. What flows is only asked once every hose ends somewhere. */
export function rigFaults(rig: Rig, burnLitresPerMinute: number): RigFault[] {
  const faults = [...listFaults(rig), ...portFaults(rig), ...controlFaults(rig)];
  return faults.length > 0 ? faults : wayFaults(rig, burnLitresPerMinute);
}

function listFaults(rig: Rig): RigFault[] {
  const ids = rig.parts.map((p) => p.id);
  const pumps = rig.parts.filter((p) => p.kind === "injection-pump").length;
  return [
    ...ids.filter((id, i) => ids.indexOf(id) !== i).map((id): RigFault => ({ code: "same-id", id })),
    ...(pumps === 0 ? [{ code: "no-pump" } as const] : pumps > 1 ? [{ code: "two-pumps" } as const] : []),
    ...(rig.parts.some((p) => p.kind === "tank") ? [] : [{ code: "no-tank" } as const]),
  ];
}

function portFaults(rig: Rig): RigFault[] {
  const known = new Set(rig.parts.flatMap((p) => PART_KINDS[p.kind].ports.map((port) => portOf(p, port))));
  const ends = rig.hoses.flatMap((h) => [h.from, h.to]);
  const unknown = rig.hoses.flatMap((h) =>
    [h.from, h.to]
      .filter((port) => !known.has(port))
      .map((port): RigFault => ({ code: "unknown-port", hose: h.id, port })),
  );
  const twice = [...new Set(ends.filter((port, i) => ends.indexOf(port) !== i))];
  // A tank may have a way back that nothing uses; every other port that is open leaks.
  const open = rig.parts.flatMap((p) =>
    PART_KINDS[p.kind].ports
      .filter((port) => !ends.includes(portOf(p, port)) && !(p.kind === "tank" && port === "back"))
      .map((port): RigFault => ({ code: "open-port", part: p.id, port })),
  );
  return [...unknown, ...twice.map((port): RigFault => ({ code: "two-on-a-port", port })), ...open];
}

function controlFaults(rig: Rig): RigFault[] {
  const positions = new Map(rig.controls.map((c) => [c.id, c.positions]));
  return rig.parts.flatMap((p): RigFault[] => {
    const when = p.kind === "three-way" || p.kind === "shut-off" ? p.turned : p.kind === "lift-pump" ? p.pushes : null;
    if (!when) return [];
    const known = positions.get(when.control);
    return known && when.at.every((at) => known.includes(at)) ? [] : [{ code: "no-control", part: p.id }];
  });
}

/** Some stand must feed each fuel and take it back. */
function wayFaults(rig: Rig, burn: number): RigFault[] {
  const stands = standsOf(rig, burn);
  const tanks = rig.parts.filter((p) => p.kind === "tank");
  return tanks.flatMap((tank): RigFault[] => {
    const fed = stands.filter((s) => (s.outcome.reaches[tank.id] ?? 0) > 0.5);
    if (fed.length === 0) return [{ code: "no-way-in", holds: tank.holds }];
    return fed.every((s) => s.outcome.isShutIn) ? [{ code: "no-way-back", holds: tank.holds }] : [];
  });
}
