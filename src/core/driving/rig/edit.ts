import {
  type Control,
  type Hose,
  PART_KINDS,
  type PartKind,
  partOfPort,
  portOf,
  type Rig,
  type RigPart,
} from "./parts";

/** Whether a kind can be put into the middle of a hose: it has one way in and one way out. */
export const goesIntoHose = (kind: PartKind): boolean => PART_KINDS[kind].ports.join() === "in,out";

/** Kinds in the order they are offered. */
export const PART_KIND_IDS = Object.keys(PART_KINDS) as PartKind[];

function freeId(taken: readonly string[], wanted: string): string {
  if (!taken.includes(wanted)) return wanted;
  let n = 2;
  while (taken.includes(`${wanted} ${n}`)) n++;
  return `${wanted} ${n}`;
}

/** A new part of a kind, with figures as they are bought; a valve hangs on the first control there is. */
export function newPart(rig: Rig, kind: PartKind): RigPart {
  const id = freeId(
    rig.parts.map((p) => p.id),
    kind,
  );
  const name = freeId(
    rig.parts.map((p) => p.name),
    PART_KINDS[kind].name,
  );
  const control = rig.controls[0];
  const turned = { control: control?.id ?? "", at: control?.positions.slice(-1) ?? [] };
  switch (kind) {
    case "tank":
      return {
        id,
        name,
        kind,
        holds: rig.parts.some((p) => p.kind === "tank" && p.holds === "oil") ? "diesel" : "oil",
      };
    case "pick-up":
      return { id, name, kind, litres: 0.02, uaWPerK: 12 };
    case "trap":
      return { id, name, kind, litres: 0.1 };
    case "filter":
      return { id, name, kind, litres: 0.3, ratingUm: 10 };
    case "lift-pump":
      return { id, name, kind, litresPerMinute: 1.5, pushes: null };
    case "heater":
      return { id, name, kind, watts: 150, litres: 0.01 };
    case "exchanger":
      return { id, name, kind, uaWPerK: 90, litres: 0.1 };
    case "gauge":
      return { id, name, kind, reads: "temperature" };
    case "three-way":
    case "shut-off":
      return { id, name, kind, moved: "solenoid", turned };
    case "injection-pump":
      return { id, name, kind, litresPerMinute: 1.4 };
    case "sock":
    case "tee":
    case "check":
      return { id, name, kind };
  }
}

export const withPart = (rig: Rig, part: RigPart): Rig => ({ ...rig, parts: [...rig.parts, part] });

export const changedPart = (rig: Rig, part: RigPart): Rig => ({
  ...rig,
  parts: rig.parts.map((p) => (p.id === part.id ? part : p)),
});

/** A part put into the middle of a hose: half of it comes before, half after. */
export function intoHose(rig: Rig, hose: string, part: RigPart): Rig {
  const hoses = rig.hoses.flatMap((h): Hose[] => {
    if (h.id !== hose) return [h];
    const half = { lengthMm: h.lengthMm / 2, boreMm: h.boreMm };
    return [
      { ...half, id: h.id, from: h.from, to: portOf(part, "in") },
      {
        ...half,
        id: freeId(
          rig.hoses.map((x) => x.id),
          `${part.id} on`,
        ),
        from: portOf(part, "out"),
        to: h.to,
      },
    ];
  });
  return { ...withPart(rig, part), hoses };
}

/** Without a part. Where it sat in a row its two hoses become one; otherwise its hoses go with it. */
export function withoutPart(rig: Rig, id: string): Rig {
  const part = rig.parts.find((p) => p.id === id);
  const parts = rig.parts.filter((p) => p.id !== id);
  const before = rig.hoses.find((h) => partOfPort(h.to) === id);
  const after = rig.hoses.find((h) => partOfPort(h.from) === id);
  if (part && goesIntoHose(part.kind) && before && after && before !== after) {
    const joined = { ...before, to: after.to, lengthMm: before.lengthMm + after.lengthMm };
    return { ...rig, parts, hoses: rig.hoses.filter((h) => h !== after).map((h) => (h === before ? joined : h)) };
  }
  return { ...rig, parts, hoses: rig.hoses.filter((h) => partOfPort(h.from) !== id && partOfPort(h.to) !== id) };
}

export function withHose(rig: Rig, from: string, to: string): Rig {
  const id = freeId(
    rig.hoses.map((h) => h.id),
    `${from} to ${to}`,
  );
  return { ...rig, hoses: [...rig.hoses, { id, from, to, lengthMm: 500, boreMm: 8 }] };
}

export const changedHose = (rig: Rig, hose: Hose): Rig => ({
  ...rig,
  hoses: rig.hoses.map((h) => (h.id === hose.id ? hose : h)),
});

export const withoutHose = (rig: Rig, id: string): Rig => ({ ...rig, hoses: rig.hoses.filter((h) => h.id !== id) });

/** Ports that no hose is on. */
export function openPorts(rig: Rig): string[] {
  const taken = new Set(rig.hoses.flatMap((h) => [h.from, h.to]));
  return rig.parts.flatMap((p) => PART_KINDS[p.kind].ports.map((port) => portOf(p, port))).filter((p) => !taken.has(p));
}

export function withControl(rig: Rig, name: string, positions: readonly string[]): Rig {
  const id = freeId(
    rig.controls.map((c) => c.id),
    name.toLowerCase().replace(/[^a-z0-9]+/g, "-") || "switch",
  );
  return { ...rig, controls: [...rig.controls, { id, name, positions }] };
}

/** A control with other positions: what turned at one that is gone rests there. */
export function changedControl(rig: Rig, control: Control): Rig {
  const parts = rig.parts.map((p): RigPart => {
    const when = "turned" in p ? p.turned : "pushes" in p ? p.pushes : null;
    if (!when || when.control !== control.id) return p;
    const at = when.at.filter((position) => control.positions.includes(position));
    if (p.kind === "lift-pump") return { ...p, pushes: { ...when, at } };
    return "turned" in p ? { ...p, turned: { ...when, at } } : p;
  });
  return { ...rig, parts, controls: rig.controls.map((c) => (c.id === control.id ? control : c)) };
}

export const withoutControl = (rig: Rig, id: string): Rig => ({
  ...rig,
  controls: rig.controls.filter((c) => c.id !== id),
});
