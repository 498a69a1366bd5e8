import { type Hose, hoseLitres, isValve, litresIn, partOfPort, portOf, type Rig, type RigPart } from "./parts";

/** Hoses and parts in one row, between two places where ways may part: fuel that enters at one end leaves at the other. */
export interface Chain {
  readonly id: string;
  readonly start: string;
  readonly end: string;
  readonly litres: number;
  /** In order from its start, with the way each is named: `isForward` where the hose's own direction is the chain's. */
  readonly members: readonly { readonly of: string; readonly litres: number; readonly isForward: boolean }[];
}

/** Where ways part or end. A part of one way through is none, unless it may hold fuel back. */
const isEnd = (p: RigPart | undefined): boolean =>
  !p ||
  isValve(p) ||
  p.kind === "tank" ||
  p.kind === "tee" ||
  p.kind === "injection-pump" ||
  p.kind === "check" ||
  (p.kind === "lift-pump" && p.pushes !== null);

/** So short a hose that nothing is in it would change its fuel in no time. */
const LEAST_LITRES = 1e-3;

/** Every chain of a rig. A hose that leads nowhere ends its chain there. */
export function chainsOf(rig: Rig): Chain[] {
  const parts = new Map(rig.parts.map((p) => [p.id, p]));
  const byPort = new Map<string, Hose>();
  for (const h of rig.hoses) {
    byPort.set(h.from, h);
    byPort.set(h.to, h);
  }
  const used = new Set<string>();
  const chains: Chain[] = [];
  const walk = (start: string): void => {
    const members: Chain["members"][number][] = [];
    let port = start;
    for (;;) {
      const hose = byPort.get(port);
      if (!hose || used.has(hose.id)) break;
      used.add(hose.id);
      const isForward = hose.from === port;
      members.push({ of: hose.id, litres: hoseLitres(hose), isForward });
      port = isForward ? hose.to : hose.from;
      const part = parts.get(partOfPort(port));
      if (!part || isEnd(part)) break;
      const isIn = port === portOf(part, "in");
      members.push({ of: part.id, litres: litresIn(part), isForward: isIn });
      port = portOf(part, isIn ? "out" : "in");
    }
    if (members.length === 0) return;
    const litres = Math.max(
      LEAST_LITRES,
      members.reduce((sum, m) => sum + m.litres, 0),
    );
    chains.push({ id: members[0]?.of ?? start, start, end: port, litres, members });
  };
  for (const h of rig.hoses) for (const port of [h.from, h.to]) if (isEnd(parts.get(partOfPort(port)))) walk(port);
  return chains;
}
