"use client";
import type { VesselView } from "@/core/readings";
import { Photo } from "@/desk";

export function VesselPhoto({ vessel: v }: { vessel: VesselView }) {
  return (
    <Photo
      of={{ kind: "vessel", id: v.vessel.id }}
      name={v.vessel.name}
      photo={v.photo}
      alt={`${v.vessel.name}, as it looks inside`}
      ask="Add a photo: the jar, the fat line, the scum"
    />
  );
}
