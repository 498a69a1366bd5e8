"use client";
import type { VesselView } from "@/core/readings";
import { heightAtLitres } from "@/core/vessels";
import { VesselDrawing } from "@/ui";

interface Props {
  readonly vessel: VesselView;
  readonly words: string;
  /** How far the oil has cleared from the top, 0 as stirred to 1. */
  readonly cleared: number;
  /** What lies at its bottom, in millimetres; nothing where it is left out. */
  readonly cakeMm?: number;
  /** Litres that are in it then. */
  readonly litres?: number;
}

const TALL_PX = 260;

/** The vessel as it should look when a step is done: for holding the real one against. */
export function AsItShouldLook({ vessel: v, words, cleared, cakeMm = 0, litres = v.litres }: Props) {
  const surfaceMm = heightAtLitres(v.vessel, Math.min(litres, v.capacityLitres));
  const frontMm = surfaceMm - cleared * (surfaceMm - cakeMm);
  const front = { name: "", floats: false, clearedAboveMm: frontMm, hanging: 1 - cleared, clearHours: null };
  const shown: VesselView = {
    ...v,
    surfaceMm,
    layers: [
      ...(cakeMm > 0 ? [{ kind: "fat" as const, fromMm: 0, toMm: Math.min(cakeMm, surfaceMm) }] : []),
      ...(surfaceMm > cakeMm ? [{ kind: "oil" as const, fromMm: cakeMm, toMm: surfaceMm }] : []),
    ],
    settling: v.settling && { ...v.settling, fronts: [front] },
  };
  return <VesselDrawing view={shown} pxPerMm={TALL_PX / v.vessel.rimMm} label={words} showDrawOff={false} />;
}
