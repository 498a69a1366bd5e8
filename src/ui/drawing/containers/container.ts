import type { ReactNode } from "react";

/** A container's outline as drawn, in pixels: x from its middle, y down from its rim. */
export interface Frame {
  /** Across at its widest, at the rim, and at the bottom. */
  readonly width: number;
  readonly top: number;
  readonly bottom: number;
  readonly height: number;
  /** Where the sides begin to draw in to a cone, from the rim; null: they do not. */
  readonly coneAt: number | null;
}

/** What makes a container known before its name is read: what hangs on its outline and what lies behind it. */
export interface ContainerLook {
  /** Drawn before what is in it: stands, legs, a handle. */
  readonly behind?: (f: Frame) => ReactNode;
  /** Drawn over it: ribs, caps, gauges. */
  readonly over?: (f: Frame) => ReactNode;
}

/** Lines of an outline, as heavy as the vessel's own, and lighter ones for what is on its face. */
export const LINE = { fill: "none", className: "stroke-ink", strokeWidth: 2, strokeLinecap: "round" } as const;
export const FACE = { ...LINE, strokeWidth: 1.2, strokeOpacity: 0.45 } as const;
/** Caps and bungs. */
export const SOLID = { className: "fill-ink" } as const;

/** No bigger than it would be on the real thing, however large the drawing. */
export const atMost = (px: number, share: number, of: number): number => Math.min(px, share * of);
